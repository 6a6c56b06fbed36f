import clsx from 'clsx';
import type { TaskLine } from '@props/Tasks/TaskLine';
import { duration, useFormats, type Formats } from '@/lib/format';
import { isLate } from '@/lib/task';
import { say } from '@/lib/words';

type Props = { tasks: TaskLine[]; chosen: string | undefined; onChoose: (id: string) => void; label: string };

/** When it was ended, or when it is due. */
function whenOf(task: TaskLine, formats: Formats): string {
    if (task.completedAt !== null) {
        const status = say(`status.${task.status}`).toLocaleLowerCase();
        return `${status} ${formats.moment(task.completedAt)}`;
    }
    if (task.dueAt === null) return say('screen.task_rows.no_date');
    const due = formats.due(task.dueAt);
    return isLate(task) ? say('screen.task_rows.late', { due }) : due;
}

/** Tasks one under the other: number and due date in columns, the rest as text. */
export function TaskRows({ tasks, chosen, onChoose, label }: Props) {
    const formats = useFormats();
    return (
        <ul aria-label={label}>
            {tasks.map((task) => {
                const late = isLate(task);
                return (
                    <li key={task.id}>
                        <button
                            type="button"
                            onClick={() => onChoose(task.id)}
                            aria-current={task.id === chosen ? 'true' : undefined}
                            className={clsx(
                                'grid w-full grid-cols-[44px_1fr_auto] items-baseline gap-x-2 border-t border-line',
                                'px-3 py-1.5 text-start',
                                task.id === chosen
                                    ? 'bg-pine-wash shadow-[inset_3px_0_0_var(--pine)]'
                                    : 'hover:bg-pine-wash',
                            )}
                        >
                            <span className="font-mono text-xs text-ink2">{task.number}</span>
                            <span className="truncate font-medium">{task.title}</span>
                            <span className={`text-end text-xs ${late ? 'font-semibold text-brick' : 'text-ink2'}`}>
                                {whenOf(task, formats)}
                            </span>
                            <span />
                            <span className="truncate text-xs text-ink2">
                                {task.coversFor !== null && (
                                    <span className="text-plum">
                                        {say('cover.in_place', { person: task.coversFor.name })} ·{' '}
                                    </span>
                                )}
                                {task.together && `${say('task.shared')} · `}
                                {task.kind}
                                {task.customer !== null && ` · ${task.customer}`}
                                {task.status === 'waiting' &&
                                    say('screen.task_rows.waits', { for: task.waitingFor ?? 'none' })}
                                {task.status === 'in_review' && say('screen.task_rows.in_review')}
                            </span>
                            <span className="text-end text-xs text-ink2">
                                {(task.priority === 'urgent' || task.priority === 'high') && (
                                    <strong className="text-ochre">
                                        {say(`priority.${task.priority}`).toLocaleLowerCase()} ·{' '}
                                    </strong>
                                )}
                                {duration(task.minutesLeft)}
                            </span>
                        </button>
                    </li>
                );
            })}
        </ul>
    );
}
