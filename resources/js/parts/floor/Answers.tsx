import clsx from 'clsx';
import type { FloorAnswers, FloorView, UnplacedTask } from '@props/Floor/FloorPage';
import type { ReactNode } from 'react';
import { duration, useFormats } from '@/lib/format';
import { loadShort } from '@/lib/load';
import { say } from '@/lib/words';
import { PersonMark } from '@/parts/PersonMark';

type Props = {
    answers: FloorAnswers;
    /** otherwise they are on their way */
    isThere: boolean;
    unplaced: UnplacedTask[];
    view: FloorView;
    onLook: (view: FloorView) => void;
    onPerson: (slug: string) => void;
    onTask: (id: string) => void;
    onList: (list: 'unplaced' | 'late') => void;
};

function Answer({
    title,
    count,
    grave,
    on,
    onPress,
    children,
}: {
    title: string;
    count: number;
    grave: boolean;
    on: boolean;
    onPress: () => void;
    children: ReactNode;
}) {
    return (
        <div
            role="group"
            aria-label={title}
            className={clsx('min-w-0 border-s border-line px-3 py-1.5', on && 'bg-pine-wash')}
        >
            <h2>
                <button
                    type="button"
                    aria-pressed={on}
                    onClick={onPress}
                    className="flex w-full items-baseline gap-2 text-start hover:underline"
                >
                    <span className={clsx('text-xl font-semibold', grave && count > 0 && 'text-brick')}>{count}</span>
                    <span className="truncate font-medium">{title}</span>
                </button>
            </h2>
            <ul className="text-xs">{children}</ul>
        </div>
    );
}

/** One of those that an answer names: a person, by their slug, or a task. */
function Line({
    slug,
    name,
    said,
    grave = false,
    onPress,
}: {
    slug?: string;
    name: string;
    said: string;
    grave?: boolean;
    onPress: () => void;
}) {
    return (
        <li>
            <button
                type="button"
                onClick={onPress}
                className="flex w-full items-center gap-1.5 text-start leading-6 hover:underline"
            >
                {slug !== undefined && <PersonMark slug={slug} size={14} />}
                <span className="truncate">{name}</span>
                <span className={clsx('ms-auto whitespace-nowrap', grave ? 'text-brick' : 'text-ink2')}>{said}</span>
            </button>
        </li>
    );
}

function Late({ answers, onTask }: Pick<Props, 'answers' | 'onTask'>) {
    const { due } = useFormats();
    return (
        <>
            {answers.late.worst.slice(0, 3).map((task) => (
                <Line
                    key={task.id}
                    name={task.title}
                    grave
                    said={task.finishAt === null ? say('floor.never') : due(task.finishAt)}
                    onPress={() => onTask(task.id)}
                />
            ))}
            <li className="leading-5 text-ink2">{say('floor.overdue_now', { count: answers.late.overdue })}</li>
        </>
    );
}

/** The first of those that nobody has. */
function Nobodys({ tasks, onTask }: { tasks: UnplacedTask[]; onTask: (id: string) => void }) {
    const { lastDay } = useFormats();
    if (tasks.length === 0) return <li className="leading-5 text-ink2">{say('floor.all_placed')}</li>;
    return tasks
        .slice(0, 4)
        .map((task) => (
            <Line
                key={task.id}
                name={task.title}
                said={say('floor.since', { day: lastDay(task.since) })}
                onPress={() => onTask(task.id)}
            />
        ));
}

/** Who has room, who is over, what will be late, what nobody has, who is away: each with the way to all of them. */
export function Answers({ answers, isThere, unplaced, view, onLook, onPerson, onTask, onList }: Props) {
    const { lastDay } = useFormats();
    const only = (what: NonNullable<FloorView['only']>): void =>
        onLook({ ...view, only: view.only === what ? null : what });
    return (
        <div
            aria-busy={!isThere}
            className={clsx(
                'grid min-h-32 grid-cols-5 border-b border-line bg-paper',
                !isThere && 'text-ink2 opacity-60',
            )}
            role="group"
            aria-label={say('floor.answers')}
        >
            <Answer
                title={say('floor.room')}
                count={answers.room.count}
                grave={false}
                on={view.only === 'room'}
                onPress={() => only('room')}
            >
                {answers.room.people.map((one) => (
                    <Line
                        key={one.slug}
                        slug={one.slug}
                        name={one.name}
                        said={say('floor.free', { load: loadShort(one.minutes) })}
                        onPress={() => onPerson(one.slug)}
                    />
                ))}
            </Answer>
            <Answer
                title={say('floor.over')}
                count={answers.over.count}
                grave
                on={view.only === 'over'}
                onPress={() => only('over')}
            >
                {answers.over.people.map((one) => (
                    <Line
                        key={one.slug}
                        slug={one.slug}
                        name={one.name}
                        grave
                        said={say('floor.over_by', {
                            load: loadShort(one.minutes),
                            day: one.from === null ? '' : lastDay(one.from),
                        })}
                        onPress={() => onPerson(one.slug)}
                    />
                ))}
            </Answer>
            <Answer
                title={say('floor.too_late')}
                count={answers.late.tooLate}
                grave
                on={false}
                onPress={() => onList('late')}
            >
                <Late answers={answers} onTask={onTask} />
            </Answer>
            <Answer
                title={say('floor.unplaced')}
                count={answers.unplaced}
                grave
                on={false}
                onPress={() => onList('unplaced')}
            >
                <Nobodys tasks={unplaced} onTask={onTask} />
            </Answer>
            <Answer
                title={say('floor.away')}
                count={answers.away.count}
                grave={false}
                on={view.only === 'away'}
                onPress={() => only('away')}
            >
                {answers.away.people.map((one) => (
                    <Line
                        key={one.slug}
                        slug={one.slug}
                        name={one.name}
                        said={one.until === null ? '' : say('floor.to', { day: lastDay(one.until) })}
                        onPress={() => onPerson(one.slug)}
                    />
                ))}
            </Answer>
        </div>
    );
}

/** Minutes as hours and minutes, for lists. */
export function lateBy(minutes: number | null): string {
    return minutes === null ? say('floor.never') : say('floor.late_by', { time: duration(minutes) });
}
