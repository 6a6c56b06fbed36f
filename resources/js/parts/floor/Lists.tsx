import { Link, router } from '@inertiajs/react';
import type { FloorPageProps, TooLateTask, UnplacedTask } from '@props/Floor/FloorPage';
import type { TaskLine } from '@props/Tasks/TaskLine';
import { useFormats } from '@/lib/format';
import { onGiveKey, type Given } from '@/lib/floor';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';
import { lateBy } from './Answers';

export type Gives = { onTask: (id: string) => void; onGive: (tasks: Given[]) => void };

/** A task that can be opened, given, or drawn onto a lane. */
export function GiveRow({ task, onTask, onGive, children }: Gives & { task: TaskLine; children?: React.ReactNode }) {
    const formats = useFormats();
    return (
        <li
            className="border-t border-line px-3 py-1.5 hover:bg-pine-wash"
            draggable
            onKeyDown={onGiveKey(() => onGive([task]))}
            onDragStart={(event) => {
                event.dataTransfer.effectAllowed = 'move';
                event.dataTransfer.setData('text/plain', String(task.number));
                // The browser takes its picture of what is drawn first.
                setTimeout(() => onGive([task]));
            }}
        >
            <div className="flex items-baseline gap-2">
                <button type="button" className="min-w-0 flex-1 truncate text-start" onClick={() => onTask(task.id)}>
                    <span className="font-mono text-xs text-ink2">{task.number}</span>{' '}
                    <span className="font-medium">{task.title}</span>
                </button>
                {task.dueAt !== null && (
                    <span className="text-xs whitespace-nowrap text-ink2">{formats.due(task.dueAt)}</span>
                )}
                <button
                    type="button"
                    className="px-1 text-xs leading-6 text-sky underline"
                    aria-label={say('give.give_task', { number: task.number })}
                    onClick={() => onGive([task])}
                >
                    {say('give.press')}
                </button>
            </div>
            {children}
        </li>
    );
}

/** What can't be in time as planned, by how much, and with whom it is. */
export function TooLate({ tasks, ...gives }: Gives & { tasks: TooLateTask[] }) {
    const { moment } = useFormats();
    if (tasks.length === 0) return <p className="px-3 text-ink2">{say('floor.none_too_late')}</p>;
    return (
        <ul aria-label={say('floor.too_late')}>
            {tasks.map((task) => (
                <GiveRow key={task.id} task={task} {...gives}>
                    <p className="flex items-center gap-2 text-xs text-ink2">
                        <PersonName {...task.holder} />
                        <span className="ms-auto text-brick">
                            {task.finishAt === null
                                ? say('floor.never')
                                : say('floor.ready', {
                                      moment: moment(task.finishAt),
                                      late: lateBy(task.lateBy),
                                  })}
                        </span>
                    </p>
                    {task.help !== null && (
                        <p className="text-xs text-ink2">
                            {say(task.help.inTime ? 'floor.could_in_time' : 'floor.could_sooner', {
                                person: task.help.name,
                                moment: moment(task.help.finishAt),
                            })}
                        </p>
                    )}
                </GiveRow>
            ))}
        </ul>
    );
}

/** Why nobody was found, and what would help. */
function Help({ help }: { help: UnplacedTask['help'] }) {
    const { due } = useFormats();
    if (help === null) return null;
    if (help.rule === null) return <p className="text-xs text-ochre">{say('floor.help.no_rule')}</p>;
    const kept = help.kept.map((one) =>
        say(`floor.help.kept.${KNOWN.has(one.reason) ? one.reason : 'limit'}`, { count: one.count }),
    );
    return (
        <p className="text-xs text-ink2">
            {help.inPool === 0
                ? say('floor.help.nobody', { rule: help.rule })
                : say('floor.help.pool', { count: help.inPool, kept: kept.join(', ') })}
            {help.backAt !== null && ` ${say('floor.help.back', { moment: due(help.backAt) })}`}{' '}
            <Link href={`/rulebook?rule=${encodeURIComponent(help.ruleId ?? '')}`} className="text-sky underline">
                {help.rule}
            </Link>
        </p>
    );
}

const KNOWN = new Set([
    'absent',
    'paused',
    'inactive',
    'not_yet_member',
    'no_longer_member',
    'other_work',
    'other_seat',
]);

/** What nobody has: since when, why, what would help; to be given, or tried again. */
export function Unplaced({ tasks, ...gives }: Gives & { tasks: UnplacedTask[] }) {
    const { moment } = useFormats();
    if (tasks.length === 0) return <p className="px-3 text-ink2">{say('screen.floor.every_task_has_found')}</p>;
    return (
        <ul aria-label={say('screen.floor.unplaced_tasks')}>
            {tasks.map((task) => (
                <GiveRow key={task.id} task={task} {...gives}>
                    <p className="flex items-baseline gap-2 text-xs text-ink2">
                        <span>{say('floor.since', { day: moment(task.since) })}</span>
                        <span className="truncate">
                            {task.customer === null ? task.kind : `${task.kind} · ${task.customer}`}
                        </span>
                        <button
                            type="button"
                            className="ms-auto px-1 leading-6 whitespace-nowrap text-sky underline"
                            onClick={() =>
                                router.post(`/floor/unplaced/${task.id}/retry`, {}, { preserveScroll: true })
                            }
                        >
                            {say('floor.retry')}
                        </button>
                    </p>
                    <Help help={task.help} />
                </GiveRow>
            ))}
        </ul>
    );
}

/** What somebody else should do, with what whoever has it says of it. */
export function ToHandOn({ tasks, ...gives }: Gives & { tasks: FloorPageProps['toHandOn'] }) {
    if (tasks.length === 0) return null;
    return (
        <section aria-label={say('screen.floor.somebody_else')}>
            <h2 className="px-3 pt-4 pb-1 font-semibold">
                {say('screen.floor.somebody_else')} <span className="font-normal text-ochre">{tasks.length}</span>
            </h2>
            <ul>
                {tasks.map((task) => (
                    <GiveRow key={task.id} task={task} {...gives}>
                        <p className="text-xs text-ink2">
                            {say('screen.floor.somebody_else_why', {
                                person: task.holder?.name ?? '',
                                note: task.note ?? 'none',
                            })}
                        </p>
                    </GiveRow>
                ))}
            </ul>
        </section>
    );
}
