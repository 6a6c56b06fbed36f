import type { Option } from '@props/Rules/Vocabulary';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { PersonChoice } from '@/parts/PersonChoice';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

type Answer = { done: number; refused: { number: number; said: string }[] };

/** Hands several tasks on at once; those that can't be are told with why. */
export function HandOnMany({ ids, people, onDone }: { ids: string[]; people: Option[]; onDone: () => void }) {
    const [to, setTo] = useState('');
    const [reason, setReason] = useState('');
    const [answer, setAnswer] = useState<Answer | null>(null);
    const { busy, wrong, send } = useSending((fault) => fault.pointer.slice(1));
    const handOn = (): void =>
        void send(async () => {
            const told = await ask<Answer>('POST', '/tasks/many/hand-on', JSON.stringify({ ids, to, reason }));
            router.reload();
            if (told.refused.length === 0) onDone();
            else setAnswer(told);
        });
    return (
        <Dialog open onOpenChange={(open) => !open && onDone()} title={say('task_list.hand_on', { count: ids.length })}>
            {answer !== null ? (
                <>
                    <p>{say('task_list.handed_on', { count: answer.done })}</p>
                    <FaultList faults={answer.refused.map((one) => `№ ${one.number}: ${one.said}`)} />
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
