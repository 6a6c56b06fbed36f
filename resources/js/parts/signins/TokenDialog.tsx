import { DayEntry } from '@/ui/DayEntry';
import type { SignInsPageProps } from '@props/Access/SignInsPage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { addDays } from '@/lib/days';
import { useToday } from '@/lib/format';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { ShownOnce } from './ShownOnce';
import { useSecret } from './useSecret';

/** Makes a token for another system. */
export function TokenDialog({
    signIns,
    abilities,
    onClose,
}: Pick<SignInsPageProps, 'signIns' | 'abilities'> & { onClose: () => void }) {
    const owners = signIns.filter((one) => one.state === 'open');
    const [name, setName] = useState('');
    const [user, setUser] = useState(owners.find((one) => one.own)?.id ?? owners[0]?.id ?? '');
    const [may, setMay] = useState<string[]>(['tasks:create']);
    const [until, setUntil] = useState(addDays(useToday(), 365));
    const { secret, busy, wrong, make } = useSecret();
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={say('sign_ins.new_token')}>
            {secret !== null ? (
                <ShownOnce secret={secret} label={say('sign_ins.new_token')} onClose={onClose} />
            ) : (
                <DialogForm
                    busy={busy}
                    send={say('sign_ins.make_token')}
                    onLeave={onClose}
                    onSend={() => void make('/tokens', { name, user, abilities: may, until })}
                >
                    <Labelled label={say('sign_ins.token_for')} wrong={wrong.name ?? wrong['']}>
                        <input
                            className="entry w-full"
                            maxLength={120}
                            value={name}
                            onChange={(event) => setName(event.target.value)}
                        />
                    </Labelled>
                    <Labelled
                        label={say('sign_ins.token_owner')}
                        hint={say('sign_ins.token_owner_hint')}
                        wrong={wrong.user}
                    >
                        <select className="entry w-full" value={user} onChange={(event) => setUser(event.target.value)}>
                            {owners.map((one) => (
                                <option key={one.id} value={one.id}>
                                    {one.name}
                                </option>
                            ))}
                        </select>
                    </Labelled>
                    <fieldset>
                        <legend className="font-medium">{say('sign_ins.abilities')}</legend>
                        {abilities.map((one) => (
                            <label key={one} className="flex min-h-7 items-center gap-2">
                                <input
                                    type="checkbox"
                                    checked={may.includes(one)}
                                    onChange={(event) =>
                                        setMay(
                                            event.target.checked ? [...may, one] : may.filter((other) => other !== one),
                                        )
                                    }
                                />
                                <span>
                                    {say(`sign_ins.ability.${one}`)}{' '}
                                    <span data-as-is className="font-mono text-xs text-ink2">
                                        {one}
                                    </span>
                                </span>
                            </label>
                        ))}
                        {wrong.abilities !== undefined && <p className="text-xs text-brick">{wrong.abilities}</p>}
                    </fieldset>
                    <Labelled label={say('sign_ins.token_until')} wrong={wrong.until}>
                        <DayEntry value={until} onChange={(day) => setUntil(day)} />
                    </Labelled>
                </DialogForm>
            )}
        </Dialog>
    );
}
