import { router } from '@inertiajs/react';
import type { Option } from '@props/Rules/Vocabulary';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { refusals, type ManyAnswer } from '@/lib/manyTasks';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

/** Starts a runsheet on several tasks or cases at once; says on how many, and where it can't be with why. */
export function StartOnMany({ ids, sheets, onDone }: { ids: string[]; sheets: Option[]; onDone: () => void }) {
    const [runsheet, setRunsheet] = useState(sheets[0]?.value ?? '');
    const [answer, setAnswer] = useState<ManyAnswer | null>(null);
    const { busy, wrong, send } = useSending((fault) => fault.pointer.slice(1));
    const start = (): void =>
        void send(async () => {
            const told = await ask<ManyAnswer>('POST', '/runs/many', JSON.stringify({ runsheet, ids }));
            router.reload();
            setAnswer(told);
        });
    return (
        <Dialog open onOpenChange={(open) => !open && onDone()} title={say('run.start_on', { count: ids.length })}>
            {answer !== null ? (
                <>
                    <p role="status">{say('run.started_on', { count: answer.done, refused: answer.refused.length })}</p>
                    <FaultList faults={refusals(answer)} />
                    <div className="flex justify-end">
                        <Button onClick={onDone}>{say('screen.common.close')}</Button>
                    </div>
                </>
            ) : (
                <DialogForm busy={busy} send={say('run.start_now')} onLeave={onDone} onSend={start}>
                    <Labelled label={say('run.column.runsheet')} wrong={wrong.runsheet ?? wrong['']}>
                        <select
                            className="entry w-full"
                            value={runsheet}
                            onChange={(event) => setRunsheet(event.target.value)}
                        >
                            {sheets.map((one) => (
                                <option key={one.value} value={one.value}>
                                    {one.label}
                                </option>
                            ))}
                        </select>
                    </Labelled>
                    <p className="text-ink2">{say('run.start_on_means')}</p>
                </DialogForm>
            )}
        </Dialog>
    );
}
