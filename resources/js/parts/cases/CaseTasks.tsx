import { Link, router } from '@inertiajs/react';
import type { CaseFacts, CaseTask, CasePageProps } from '@props/Cases/CaseView';
import type { TaskLine } from '@props/Tasks/TaskLine';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { TaskFinder } from '@/parts/TaskFinder';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { useDialogSending } from './useDialogSending';

function PutInDialog({ of, onClose }: { of: CaseFacts; onClose: () => void }) {
    const { busy, wrong, send } = useDialogSending(onClose, (fault) => fault.pointer.replace('/', ''));
    const [task, setTask] = useState<TaskLine | null>(null);
    const [needed, setNeeded] = useState(true);
    const put = (): void =>
        send(async () => {
            await ask('POST', `/cases/${of.id}/tasks`, JSON.stringify({ task: task?.id ?? '', needed }));
        });
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('case.put_in_title')}
            description={say('case.put_in_means')}
        >
            <DialogForm busy={busy} send={say('case.put_in')} onLeave={onClose} onSend={put}>
                <div>
                    <TaskFinder
                        inputId="case-task"
                        label={say('case.which_task')}
                        placeholder={say('case.which_task')}
                        className="w-full"
                        side="left"
                        onChoose={setTask}
                    />
                    {task !== null && (
                        <p className="mt-1">
                            № {task.number} {task.title}
                        </p>
                    )}
                    {wrong.task !== undefined && <p className="text-xs text-brick">{wrong.task}</p>}
                </div>
                <label className="flex items-center gap-2">
                    <input type="checkbox" checked={needed} onChange={(event) => setNeeded(event.target.checked)} />
                    {say('case.is_needed')}
                </label>
                {wrong[''] !== undefined && <p className="text-brick">{wrong['']}</p>}
            </DialogForm>
        </Dialog>
    );
}

function TaskItem({ of, task }: { of: CaseFacts; task: CaseTask }) {
    const formats = useFormats();
    const { busy, send } = useSending();
    const takeOut = (): void =>
        void send(async () => {
            await ask('POST', `/cases/${of.id}/take-out`, JSON.stringify({ task: task.id }));
        }).then((done) => done && router.reload());
    return (
        <li className="flex flex-wrap items-center gap-x-3 border-t border-line py-1 first:border-0">
            <Link href={`/tasks/${task.id}`} className="min-w-0 flex-1 break-words text-sky underline">
                № {task.number} {task.title}
            </Link>
            {task.needed && (
                <span className={task.completedAt === null ? 'text-ochre' : 'text-ink2'}>
                    {say('case.needed_mark')}
                </span>
            )}
            <span className="text-ink2">{say(`status.${task.status}`)}</span>
            <span className="text-ink2">{task.holder?.name ?? say('case.who_nobody')}</span>
            {task.completedAt === null && task.dueAt !== null && (
                <span className="text-ink2 tabular-nums">{formats.due(task.dueAt)}</span>
            )}
            {of.may.edit && of.closedAt === null && task.completedAt === null && (
                <Button
                    look="quiet"
                    className="min-h-6"
                    disabled={busy}
                    aria-label={`${say('case.take_out')}: ${say('case.take_out_of', { number: String(task.number) })}`}
                    onClick={takeOut}
                >
                    {say('case.take_out')}
                </Button>
            )}
        </li>
    );
}

/** The tasks in it, by the stage in which they were made. */
export function CaseTasks({ of, tasks }: { of: CaseFacts } & Pick<CasePageProps, 'tasks'>) {
    const [putting, setPutting] = useState(false);
    return (
        <section aria-label={say('case.tasks')} className="box p-4">
            <header className="mb-2 flex items-center gap-3">
                <h2 className="flex-1 font-semibold">{say('case.tasks')}</h2>
                {of.may.edit && of.closedAt === null && (
                    <>
                        <Link href={`/tasks/new?case=${of.id}`} className="text-sky underline">
                            {say('screen.common.new_task')}
                        </Link>
                        <Button look="quiet" onClick={() => setPutting(true)}>
                            {say('case.put_in')}
                        </Button>
                    </>
                )}
            </header>
            {tasks.length === 0 && <p className="text-ink2">{say('case.tasks_none')}</p>}
            {tasks.map((group) => (
                <div key={group.stage} className="mb-2">
                    <h3 className="text-xs font-semibold text-ink2">{group.stage}</h3>
                    <ul>
                        {group.tasks.map((task) => (
                            <TaskItem key={task.id} of={of} task={task} />
                        ))}
                    </ul>
                </div>
            ))}
            {putting && <PutInDialog of={of} onClose={() => setPutting(false)} />}
        </section>
    );
}
