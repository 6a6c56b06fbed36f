import type { SignInsPageProps } from '@props/Access/SignInsPage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { PersonChoice } from '@/parts/PersonChoice';
import { Labelled } from '@/ui/Labelled';
import { ShownOnce } from './ShownOnce';
import { useSecret } from './useSecret';

/** Makes a sign-in, and the link by which its owner chooses the password. */
export function SignInDialog({
    people,
    roles,
    onClose,
}: Pick<SignInsPageProps, 'people' | 'roles'> & { onClose: () => void }) {
    const [person, setPerson] = useState(people[0]?.value ?? '');
    const [name, setName] = useState('');
    const [email, setEmail] = useState(people[0]?.email ?? '');
    const [role, setRole] = useState<string>('member');
    const { secret, busy, wrong, make } = useSecret();
    const choose = (slug: string): void => {
        setPerson(slug);
        setEmail(people.find((one) => one.value === slug)?.email ?? '');
    };
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={say('sign_ins.new')}>
            {secret !== null ? (
                <ShownOnce secret={secret} label={say('sign_ins.invite')} onClose={onClose} />
            ) : (
                <DialogForm
                    busy={busy}
                    send={say('sign_ins.make')}
                    onLeave={onClose}
                    onSend={() => void make('/sign-ins', { person: person === '' ? null : person, name, email, role })}
                >
                    <Labelled label={say('sign_ins.person')} wrong={wrong.person}>
                        <PersonChoice
                            people={people}
                            first={[{ value: '', label: say('sign_ins.nobody') }]}
                            value={person}
                            onChange={choose}
                        />
                    </Labelled>
                    {person === '' && (
                        <Labelled label={say('sign_ins.name')} wrong={wrong.name}>
                            <input
                                className="entry w-full"
                                maxLength={200}
                                value={name}
                                onChange={(event) => setName(event.target.value)}
                            />
                        </Labelled>
                    )}
                    <Labelled label={say('sign_ins.email')} wrong={wrong.email}>
                        <input
                            className="entry w-full"
                            type="email"
                            maxLength={200}
                            value={email}
                            onChange={(event) => setEmail(event.target.value)}
                        />
                    </Labelled>
                    <Labelled label={say('sign_ins.role')} wrong={wrong.role ?? wrong['']}>
                        <select className="entry w-full" value={role} onChange={(event) => setRole(event.target.value)}>
                            {roles.map((one) => (
                                <option key={one} value={one}>
                                    {say(`sign_ins.roles.${one}`)}
                                </option>
                            ))}
                        </select>
                    </Labelled>
                </DialogForm>
            )}
        </Dialog>
    );
}
