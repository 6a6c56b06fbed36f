import type { TaskLine } from '@props/Tasks/TaskLine';
import { useState } from 'react';
import { addDays, morningOf } from '@/lib/days';
import { useFormats, useToday } from '@/lib/format';
import { refusals, withMany, type ManyAnswer } from '@/lib/manyTasks';
import { usePeople } from '@/lib/usePeople';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { HandOnMany } from '@/parts/tasks/HandOnMany';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { MomentEntry } from '@/ui/MomentEntry';

type Props = { ids: string[]; tasks: TaskLine[]; onDone: () => void };

/** What is done with all that are ticked; what can't be done with one of them is told, the others are. */
export function Several({ ids, tasks, onDone }: Props) {
    const [asking, setAsking] = useState<'hand_on' | 'postpone' | null>(null);
    const [answer, setAnswer] = useState<ManyAnswer | null>(null);
    const { busy, faults, send } = useSending();
    const people = usePeople(asking === 'hand_on');
    const carryOut = (what: string, more: Record<string, string> = {}): void =>
        void send(async () => {
            const told = await withMany(what, ids, more);
            setAsking(null);
            if (told.refused.length === 0) onDone();
            else setAnswer(told);
        });
    const none = busy || tasks.length === 0;
    return (
        <section aria-label={say('in_hand.several')} className="sticky top-0 z-10 border-y border-pine bg-paper p-3">
            <p className="mb-2 font-semibold">{say('in_hand.chosen', { count: tasks.length })}</p>
            <div className="flex flex-wrap gap-2">
                <Button look="main" disabled={none} onClick={() => carryOut('complete')}>
                    {say('action.complete')}
                </Button>
                <Button disabled={none} onClick={() => setAsking('postpone')}>
                    {say('action.postpone')}
                </Button>
                <Button disabled={none} onClick={() => setAsking('hand_on')}>
                    {say('action.hand_on')}
                </Button>
                <Button disabled={none} onClick={() => carryOut('to-hand-on')}>
                    {say('action.to_hand_on')}
                </Button>
                <Button look="quiet" onClick={onDone}>
                    {say('in_hand.none')}
                </Button>
            </div>
            <FaultList faults={faults} />
            {answer !== null && (
                <>
                    <p>{say('in_hand.many', { done: answer.done })}</p>
                    <FaultList faults={refusals(answer)} />
                </>
            )}
            {asking === 'hand_on' && <HandOnMany ids={ids} people={people} onDone={onDone} />}
            {asking === 'postpone' && (
                <PutOffMany
                    count={tasks.length}
                    busy={busy}
                    onLeave={() => setAsking(null)}
                    onSend={(at, note) => carryOut('postpone', { at, note })}
                />
            )}
        </section>
    );
}

type PutOffProps = { count: number; busy: boolean; onLeave: () => void; onSend: (at: string, note: string) => void };

function PutOffMany({ count, busy, onLeave, onSend }: PutOffProps) {
    const formats = useFormats();
    const [at, setAt] = useState(morningOf(addDays(useToday(), 1)));
    const [note, setNote] = useState('');
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onLeave()}
            title={say('in_hand.put_off', { count })}
            description={say('ask.postpone.description')}
        >
            <DialogForm
                busy={busy}
                send={say('action.postpone')}
                onLeave={onLeave}
                onSend={() => onSend(at === '' ? '' : formats.fromLocal(at), note)}
            >
                <Labelled label={say('screen.task_panel.from')}>
                    <MomentEntry value={at} onChange={setAt} />
                </Labelled>
                <Labelled label={say('screen.action_dialog.note')} hint={say('ask.postpone.hint')}>
                    <input
                        className="entry w-full"
                        maxLength={500}
                        value={note}
                        onChange={(event) => setNote(event.target.value)}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}
