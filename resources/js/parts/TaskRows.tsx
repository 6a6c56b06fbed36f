import clsx from 'clsx';
import type { TaskLine } from '@props/Tasks/TaskLine';
import { onGiveKey } from '@/lib/floor';
import { duration, useFormats, type Formats } from '@/lib/format';
import { isLate, isOpen, isPostponed } from '@/lib/task';
import { say } from '@/lib/words';

type Props = {
    tasks: TaskLine[];
    chosen: string | undefined;
    onChoose: (id: string) => void;
    label: string;
    /** when each will be done as planned, by id */
    finishes?: Record<string, string>;
    /** those that are ticked; null: none are to be */
    ticked?: string[] | null;
    onTick?: (id: string) => void;
    /** one of them is drawn, to be put somewhere */
    onDraw?: (task: TaskLine) => void;
};

/** Whether it is still due, but the plan of whoever has it comes to it after that. */
function isTooLate(task: TaskLine, finish: string | undefined): boolean {
    return finish !== undefined && isOpen(task) && !isLate(task) && task.dueAt !== null && finish > task.dueAt;
}

/** How it stands with a task beyond its kind: for whom it is done, what it waits for, from when on it is to be done. */
function Standing({ task }: { task: TaskLine }) {
    const formats = useFormats();
    const said = [
        task.coversFor !== null && (
            <span className="text-plum">{say('cover.in_place', { person: task.coversFor.name })}</span>
        ),
        task.toHandOn && <span className="text-ochre">{say('in_hand.to_hand_on')}</span>,
        task.together && say('task.shared'),
        task.status === 'waiting' && say('screen.task_rows.waits', { for: task.waitingFor ?? 'none' }),
        task.status === 'in_review' && say('screen.task_rows.in_review'),
        isPostponed(task) &&
            [say('in_hand.from', { moment: formats.moment(task.startsAt ?? '') }), task.postponedFor]
                .filter((part) => part !== null)
                .join(': '),
    ].filter((part) => part !== false);
    return said.length === 0 ? null : (
        <span className="flex flex-wrap gap-x-3 wrap-anywhere">
            {said.map((part, number) => (
                <span key={number}>{part}</span>
            ))}
        </span>
    );
}

/** When it was ended, or when it is due. */
function whenOf(task: TaskLine, finish: string | undefined, formats: Formats): string {
    if (task.completedAt !== null) {
        const status = say(`status.${task.status}`).toLocaleLowerCase();
        return `${status} ${formats.moment(task.completedAt)}`;
    }
    if (task.dueAt === null) return say('screen.task_rows.no_date');
    const due = formats.due(task.dueAt);
    if (isTooLate(task, finish)) return say('in_hand.too_late', { due });
    return isLate(task) ? say('screen.task_rows.late', { due }) : due;
}

/** Tasks one under the other: number and due date in columns, the rest as text. */
export function TaskRows({ tasks, chosen, onChoose, label, finishes = {}, ticked = null, onTick, onDraw }: Props) {
    const formats = useFormats();
    return (
        <ul aria-label={label}>
            {tasks.map((task) => {
                const finish = finishes[task.id];
                const late = isLate(task) || isTooLate(task, finish);
                return (
                    <li
                        key={task.id}
                        className="flex items-start"
                        draggable={onDraw !== undefined}
                        onKeyDown={onDraw === undefined ? undefined : onGiveKey(() => onDraw(task))}
                        onDragStart={(event) => {
                            event.dataTransfer.setData('text/plain', String(task.number));
                            // The browser takes its picture of what is drawn first.
                            setTimeout(() => onDraw?.(task));
                        }}
                    >
                        {ticked !== null && (
                            <input
                                type="checkbox"
                                className="ms-3 me-1 mt-3 size-4 shrink-0"
                                aria-label={say('in_hand.choose', { number: task.number })}
                                checked={ticked.includes(task.id)}
                                onChange={() => onTick?.(task.id)}
                            />
                        )}
                        <button
                            type="button"
                            onClick={() => onChoose(task.id)}
                            aria-current={task.id === chosen ? 'true' : undefined}
                            className={clsx(
                                'grid min-w-0 flex-1 grid-cols-[44px_1fr_auto] items-baseline gap-x-2',
                                'border-t border-line px-3 py-1.5 text-start',
                                task.id === chosen
                                    ? 'bg-pine-wash shadow-[inset_3px_0_0_var(--pine)]'
                                    : 'hover:bg-pine-wash',
                            )}
                        >
                            <span className="font-mono text-xs text-ink2">{task.number}</span>
                            <span className="truncate font-medium">{task.title}</span>
                            <span className={`text-end text-xs ${late ? 'font-semibold text-brick' : 'text-ink2'}`}>
                                {whenOf(task, finish, formats)}
                            </span>
                            <span />
                            <span className="min-w-0 text-xs text-ink2">
                                <Standing task={task} />
                                <span className="block truncate" title={task.customer ?? undefined}>
                                    {task.customer === null ? task.kind : `${task.kind} · ${task.customer}`}
                                </span>
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
