import { Link, router } from '@inertiajs/react';
import type { TaskView } from '@props/Tasks/TaskView';
import { useId, useState } from 'react';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { TaskFinder } from './TaskFinder';

/** The tasks that have to do with this one, how, and how far they are; and one more. */
export function LinkedTasks({ task }: { task: TaskView }) {
    const inputId = useId();
    const [wrong, setWrong] = useState<string>();
    const link = (other: string, on: boolean): void =>
        router.post(
            `/tasks/${task.id}/link`,
            { other, on: on ? 1 : 0 },
            { preserveScroll: true, onStart: () => setWrong(undefined), onError: (errors) => setWrong(errors.other) },
        );
    return (
        <>
            <ul>
                {task.links.map(({ number, task: other, ways }) => (
                    <li
                        key={number}
                        className="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1 first:border-0"
                    >
                        {other === null ? (
                            <span className="min-w-0 flex-1">№ {number}</span>
                        ) : (
                            <Link
                                href={`/tasks/${other.id}`}
                                className="min-w-0 flex-1 text-sky underline [overflow-wrap:anywhere]"
                            >
                                № {number} {other.title}
                            </Link>
                        )}
                        <span className="text-xs text-ink2">
                            {ways.map((way) => say(`link.${way}`)).join(', ')} ·{' '}
                            {other === null ? say('link.unseen') : say(`status.${other.status}`).toLocaleLowerCase()}
                        </span>
                        {task.may.edit && other !== null && ways.includes('linked') && (
                            <Button
                                look="quiet"
                                aria-label={say('screen.linked_tasks.unlink_of', { number })}
                                onClick={() => link(other.id, false)}
                            >
                                {say('screen.linked_tasks.unlink')}
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
            {task.may.edit ? (
                <div className={task.links.length === 0 ? '' : 'mt-2'}>
                    <TaskFinder
                        inputId={inputId}
                        label={say('screen.linked_tasks.link_another_task_by')}
                        placeholder={say('screen.linked_tasks.link_another_task')}
                        className="entry w-72"
                        side="left"
                        except={[
                            task.id,
                            ...task.links.flatMap(({ task: other, ways }) =>
                                other !== null && ways.includes('linked') ? [other.id] : [],
                            ),
                        ]}
                        onChoose={(other) => link(other.id, true)}
                    />
                    {wrong !== undefined && (
                        <p role="alert" className="mt-1 text-brick">
                            {wrong}
                        </p>
                    )}
                </div>
            ) : (
                task.links.length === 0 && <p className="text-ink2">{say('screen.linked_tasks.no_other_task_goes')}</p>
            )}
        </>
    );
}
