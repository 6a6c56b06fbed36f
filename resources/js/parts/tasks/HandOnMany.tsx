import type { Option } from '@props/Rules/Vocabulary';
import { useState } from 'react';
import { refusals, withMany, type ManyAnswer } from '@/lib/manyTasks';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { PersonChoice } from '@/parts/PersonChoice';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

/** Hands several tasks on at once; those that can't be are told with why. */
export function HandOnMany({ ids, people, onDone }: { ids: string[]; people: Option[]; onDone: () => void }) {
    const [to, setTo] = useState('');
    const [reason, setReason] = useState('');
    const [answer, setAnswer] = useState<ManyAnswer | null>(null);
    const { busy, wrong, send } = useSending((fault) => fault.pointer.slice(1));
    const handOn = (): void =>
        void send(async () => {
            const told = await withMany('hand-on', ids, { to, reason });
            if (told.refused.length === 0) onDone();
            else setAnswer(told);
        });
    return (
        <Dialog open onOpenChange={(open) => !open && onDone()} title={say('task_list.hand_on', { count: ids.length })}>
            {answer !== null ? (
                <>
                    <p>{say('task_list.handed_on', { count: answer.done })}</p>
                    <FaultList faults={refusals(answer)} />
                </>
            ) : (
                <DialogForm busy={busy} onLeave={onDone} onSend={handOn}>
                    <Labelled label={say('task_list.to')} wrong={wrong.to}>
                        <PersonChoice people={people} value={to} onChange={setTo} />
                    </Labelled>
                    <Labelled label={say('task_list.why')} wrong={wrong.reason ?? wrong['']}>
                        <input
                            className="entry w-full"
                            maxLength={500}
                            value={reason}
                            onChange={(event) => setReason(event.target.value)}
                        />
                    </Labelled>
                </DialogForm>
            )}
        </Dialog>
    );
}
