import type { ApprovalLine } from '@props/Approvals/ApprovalLine';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { usePeople } from '@/lib/usePeople';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { MomentEntry } from '@/ui/MomentEntry';
import { SelectEntry } from '@/ui/SelectEntry';
import { useDialogSending } from '../cases/useDialogSending';

const WAYS: ApprovalLine['way'][] = ['all', 'one_of', 'at_least', 'in_order'];

/** Who is to answer, in the order in which they were named. */
function People({ chosen, onChange }: { chosen: string[]; onChange: (chosen: string[]) => void }) {
    const people = usePeople(true);
    return (
        <div className="space-y-1">
            <ul className="flex flex-wrap gap-1">
                {chosen.map((slug) => {
                    const name = people.find((one) => one.value === slug)?.label ?? slug;
                    return (
                        <li key={slug}>
                            <Button
                                look="quiet"
                                aria-label={say('approval.leave_out', { person: name })}
                                onClick={() => onChange(chosen.filter((one) => one !== slug))}
                            >
                                {name} ✕
                            </Button>
                        </li>
                    );
                })}
            </ul>
            <PersonChoice
                key={chosen.length}
                aria-label={say('approval.add')}
                people={people.filter((one) => !chosen.includes(one.value))}
                value=""
                onChange={(slug) => onChange([...chosen, slug])}
            />
        </div>
    );
}

/**
 * Asks some people whether they approve of a task or a case.
 *
 * @param at its address
 */
export function AskApproval({ at, onClose }: { at: string; onClose: () => void }) {
    const { busy, wrong, send } = useDialogSending(onClose, (fault) => fault.pointer.split('/')[1] ?? '');
    const [name, setName] = useState('');
    const [people, setPeople] = useState<string[]>([]);
    const [way, setWay] = useState<ApprovalLine['way']>('all');
    const [least, setLeast] = useState('2');
    const [details, setDetails] = useState('');
    const [latest, setLatest] = useState('');
    const given = {
        name,
        people,
        way,
        details,
        ...(way === 'at_least' ? { least: Number(least) } : {}),
        ...(latest === '' ? {} : { latest: new Date(latest).toISOString() }),
    };
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('approval.ask_title')}
            description={say('approval.ask_means')}
        >
            <DialogForm
                busy={busy}
                send={say('approval.send')}
                onLeave={onClose}
                onSend={() =>
                    send(async () => {
                        await ask('POST', `${at}/approvals`, JSON.stringify(given));
                    })
                }
            >
                <Labelled label={say('approval.name')} wrong={wrong.name}>
                    <input
                        className="entry w-full"
                        maxLength={120}
                        value={name}
                        onChange={(event) => setName(event.target.value)}
                    />
                </Labelled>
                <fieldset>
                    <legend>{say('approval.people')}</legend>
                    <People chosen={people} onChange={setPeople} />
                    {wrong.people !== undefined && <p className="text-brick">{wrong.people}</p>}
                </fieldset>
                <SelectEntry
                    label={say('approval.way')}
                    value={way}
                    options={WAYS.map((one) => ({ value: one, label: say(`approval.ways_choose.${one}`) }))}
                    wrong={wrong.way}
                    onChange={(chosen) => setWay(chosen as ApprovalLine['way'])}
                />
                {way === 'at_least' && (
                    <Labelled label={say('approval.least')} wrong={wrong.least}>
                        <input
                            className="entry w-24"
                            inputMode="numeric"
                            value={least}
                            onChange={(event) => setLeast(event.target.value)}
                        />
                    </Labelled>
                )}
                <Labelled label={say('approval.details')} wrong={wrong.details}>
                    <textarea
                        className="entry min-h-20 w-full"
                        maxLength={2000}
                        value={details}
                        onChange={(event) => setDetails(event.target.value)}
                    />
                </Labelled>
                <Labelled label={say('approval.latest')} wrong={wrong.latest}>
                    <MomentEntry value={latest} onChange={setLatest} />
                </Labelled>
                {wrong[''] !== undefined && <p className="text-brick">{wrong['']}</p>}
            </DialogForm>
        </Dialog>
    );
}
