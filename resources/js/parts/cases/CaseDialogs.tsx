import type { CaseFacts, CasePageProps, StageLine } from '@props/Cases/CaseView';
import type { Option } from '@props/Rules/Vocabulary';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { SelectEntry } from '@/ui/SelectEntry';
import { Missing } from './Missing';
import { useDialogSending } from './useDialogSending';

/** What a dialog does with the case: sent with the revision that was looked at; done, the page is as it is now. */
function useDeed(of: CaseFacts, onClose: () => void) {
    const sending = useDialogSending(onClose, (fault) => fault.pointer.split('/').pop() ?? '');
    const send = (deed: string, data: Record<string, unknown>): void =>
        sending.send(async () => {
            await ask('POST', `/cases/${of.id}/${deed}`, JSON.stringify({ revision: of.revision, ...data }));
        });
    return { ...sending, send };
}

/** Why something is done. */
function Reason({
    label,
    value,
    wrong,
    onChange,
}: {
    label: string;
    value: string;
    wrong?: string | undefined;
    onChange: (value: string) => void;
}) {
    return (
        <Labelled label={label} wrong={wrong}>
            <textarea
                className="entry min-h-20 w-full"
                maxLength={500}
                value={value}
                onChange={(event) => onChange(event.target.value)}
            />
        </Labelled>
    );
}

type Props = { of: CaseFacts; onClose: () => void };

export function MoveDialog({ of, stage, onClose }: Props & { stage: StageLine }) {
    const { busy, wrong, send } = useDeed(of, onClose);
    const [reason, setReason] = useState('');
    const asksWhy = !stage.forwards || stage.missing.length > 0;
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('case.move_title', { stage: stage.name })}
            description={say('case.number', { number: String(of.number) })}
        >
            <DialogForm
                busy={busy}
                leave={say('case.leave')}
                send={say('case.move')}
                onLeave={onClose}
                onSend={() => send('move', { to: stage.key, reason })}
            >
                {stage.missing.length > 0 && (
                    <>
                        <p>{say('case.waits_title', { stage: stage.name })}</p>
                        <Missing lines={stage.missing} />
                        {of.may.pass && <p className="text-ink2">{say('case.pass')}</p>}
                    </>
                )}
                {!stage.forwards && <p>{say('case.back')}</p>}
                {asksWhy && (stage.missing.length === 0 || of.may.pass) && (
                    <Reason label={say('case.reason')} value={reason} wrong={wrong.reason} onChange={setReason} />
                )}
                {wrong[''] !== undefined && <p className="text-brick">{wrong['']}</p>}
            </DialogForm>
        </Dialog>
    );
}

export function CloseDialog({ of, outcomes, onClose }: Props & { outcomes: Option[] }) {
    const { busy, wrong, send } = useDeed(of, onClose);
    const [outcome, setOutcome] = useState(outcomes[0]?.value ?? '');
    const [open, setOpen] = useState('drop');
    const [reason, setReason] = useState('');
    return (
        <Dialog
            open
            onOpenChange={(still) => !still && onClose()}
            title={say('case.close_title')}
            description={say('case.close_means')}
        >
            <DialogForm
                busy={busy}
                leave={say('case.leave_open')}
                send={say('case.close')}
                onLeave={onClose}
                onSend={() => send('close', { outcome, open, reason })}
            >
                <SelectEntry label={say('case.outcome')} value={outcome} options={outcomes} onChange={setOutcome} />
                <SelectEntry
                    label={say('case.open_tasks')}
                    value={open}
                    options={[
                        { value: 'drop', label: say('case.drop') },
                        { value: 'keep', label: say('case.keep') },
                    ]}
                    onChange={setOpen}
                />
                <Reason label={say('case.close_reason')} value={reason} wrong={wrong.reason} onChange={setReason} />
                {wrong[''] !== undefined && <p className="text-brick">{wrong['']}</p>}
            </DialogForm>
        </Dialog>
    );
}

export function ReopenDialog({ of, stages, onClose }: Props & { stages: StageLine[] }) {
    const { busy, wrong, send } = useDeed(of, onClose);
    const [to, setTo] = useState(of.stageKey);
    const [reason, setReason] = useState('');
    const takes = stages.filter((stage) => stage.state !== 'retired');
    return (
        <Dialog
            open
            onOpenChange={(still) => !still && onClose()}
            title={say('case.reopen_title')}
            description={say('case.number', { number: String(of.number) })}
        >
            <DialogForm
                busy={busy}
                leave={say('case.leave_closed')}
                send={say('case.reopen')}
                onLeave={onClose}
                onSend={() => send('reopen', { to, reason })}
            >
                <SelectEntry
                    label={say('case.reopen_in')}
                    value={to}
                    options={takes.map(({ key, name }) => ({ value: key, label: name }))}
                    onChange={setTo}
                />
                <Reason label={say('case.reason')} value={reason} wrong={wrong.reason} onChange={setReason} />
                {wrong[''] !== undefined && <p className="text-brick">{wrong['']}</p>}
            </DialogForm>
        </Dialog>
    );
}

export function GiveDialog({ of, people, onClose }: Props & Pick<CasePageProps, 'people'>) {
    const { busy, wrong, send } = useDeed(of, onClose);
    const [to, setTo] = useState('');
    const [reason, setReason] = useState('');
    return (
        <Dialog
            open
            onOpenChange={(still) => !still && onClose()}
            title={say('case.give_title')}
            description={say('case.number', { number: String(of.number) })}
        >
            <DialogForm
                busy={busy}
                send={say('case.give')}
                onLeave={onClose}
                onSend={() => send('give', { to, reason })}
            >
                <Labelled label={say('case.to')} wrong={wrong.to}>
                    <PersonChoice
                        people={people.filter(({ value }) => value !== of.owner?.slug)}
                        value={to}
                        onChange={setTo}
                    />
                </Labelled>
                <Reason label={say('case.reason')} value={reason} wrong={wrong.reason} onChange={setReason} />
                {wrong[''] !== undefined && <p className="text-brick">{wrong['']}</p>}
            </DialogForm>
        </Dialog>
    );
}
