import { Link } from '@inertiajs/react';
import type { FloorPageProps } from '@props/Floor/FloorPage';
import { useState } from 'react';
import { useFormats, weekday } from '@/lib/format';
import { say } from '@/lib/words';
import { Intake } from '@/parts/Intake';
import { PersonName } from '@/parts/PersonMark';
import { TaskRows } from '@/parts/TaskRows';
import type { Gives } from '@/parts/floor/Lists';
import { Button } from '@/ui/Button';

type Props = Gives & {
    person: NonNullable<FloorPageProps['person']>;
    onAllDays: () => void;
    onClose: () => void;
};

/** What is done when on one of their days. */
function Day({ person, onTask, onAllDays }: Pick<Props, 'person' | 'onTask' | 'onAllDays'>) {
    const { moment } = useFormats();
    if (person.day === null) return null;
    return (
        <section className="border-y border-line py-2" aria-label={weekday(person.day.date)}>
            <h3 className="flex items-baseline gap-2 px-3 font-semibold">
                {weekday(person.day.date)}
                <button type="button" className="ms-auto text-xs font-normal text-sky underline" onClick={onAllDays}>
                    {say('floor.all_days')}
                </button>
            </h3>
            {person.day.blocks.length === 0 ? (
                <p className="px-3 text-ink2">{say('floor.nothing_planned')}</p>
            ) : (
                <ol className="px-3">
                    {person.day.blocks.map((one) => (
                        <li
                            key={`${one.id} ${one.from}`}
                            className="flex items-baseline gap-2 border-t border-line py-1"
                        >
                            <span className="font-mono text-xs whitespace-nowrap text-ink2">
                                {moment(one.from).slice(-5)}–{moment(one.to).slice(-5)}
                            </span>
                            <button
                                type="button"
                                className="min-w-0 truncate text-start hover:underline"
                                onClick={() => onTask(one.id)}
                            >
                                <span className="font-mono text-xs text-ink2">{one.number}</span> {one.title}
                            </button>
                        </li>
                    ))}
                </ol>
            )}
        </section>
    );
}

/** What somebody has in hand, beside the floor; ticked, it is given to somebody else. */
export function PersonAside({ person, onTask, onGive, onAllDays, onClose }: Props) {
    const [ticked, setTicked] = useState<string[]>([]);
    const chosen = person.tasks.filter((task) => ticked.includes(task.id));
    return (
        <div className="pb-4">
            <header className="flex items-center justify-between p-3">
                <h2 className="text-base font-semibold">
                    <PersonName {...person.lane} />
                </h2>
                <Button look="quiet" onClick={onClose}>
                    {say('screen.common.close')}
                </Button>
            </header>
            <Intake intake={person.intake} own={false} />
            <p className="flex gap-4 px-3 py-1">
                <Link className="text-sky underline" href={`/rulebook/why?person=${person.lane.slug}`}>
                    {say('screen.why.why_not_they')}
                </Link>
            </p>
            <Day person={person} onTask={onTask} onAllDays={onAllDays} />
            {chosen.length > 0 && (
                <p className="sticky top-0 z-10 border-b border-line bg-paper px-3 py-2">
                    <Button look="main" onClick={() => onGive(chosen)}>
                        {say('give.give_many', { count: chosen.length })}
                    </Button>
                </p>
            )}
            {person.tasks.length === 0 ? (
                <p className="px-3 text-ink2">{say('screen.floor.no_open_task', { person: person.lane.name })}</p>
            ) : (
                <TaskRows
                    label={say('screen.floor.tasks_of', { person: person.lane.name })}
                    tasks={person.tasks}
                    chosen={undefined}
                    onChoose={onTask}
                    finishes={person.finishes}
                    ticked={ticked}
                    onTick={(id) =>
                        setTicked(ticked.includes(id) ? ticked.filter((one) => one !== id) : [...ticked, id])
                    }
                    onDraw={(task) => onGive(ticked.includes(task.id) ? chosen : [task])}
                />
            )}
        </div>
    );
}
