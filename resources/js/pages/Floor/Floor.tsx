import clsx from 'clsx';
import { Head, Link, router } from '@inertiajs/react';
import type { FloorPageProps, FloorTeam } from '@props/Tasks/FloorPage';
import { useEffect, useMemo, useRef } from 'react';
import { weekday } from '@/lib/format';
import { useShortcuts } from '@/lib/keys';
import { say } from '@/lib/words';
import { Intake } from '@/parts/Intake';
import { LaneArcs, type LaneArc } from '@/parts/LaneArcs';
import { COLUMNS, LaneTeam, useLanes } from '@/parts/Lanes';
import { PersonName } from '@/parts/PersonMark';
import { TaskPanel } from '@/parts/TaskPanel';
import { TaskRows } from '@/parts/TaskRows';
import { Button } from '@/ui/Button';
import { Aside } from './FloorAside';

/** From whoever is away to whoever has their work, with the number of tasks. */
function arcsOf(covers: FloorPageProps['covers'], teams: FloorTeam[]): LaneArc[] {
    const names = new Map(teams.flatMap((team) => team.people.map((lane) => [lane.slug, lane.name])));
    return covers.map((one) => ({
        from: one.for,
        to: one.by,
        label: String(one.count),
        said: say('cover.arc', {
            count: one.count,
            person: names.get(one.for) ?? one.for,
            substitute: names.get(one.by) ?? one.by,
        }),
    }));
}

/** Escape closes the panel at the right. */
function useEscape(open: boolean, close: () => void): void {
    useShortcuts('page', say('keys.floor'), open ? [{ key: 'Esc', does: say('keys.close') }] : []);
    useEffect(() => {
        const listen = (event: KeyboardEvent): void => {
            // What is open above the panel takes the key first, and says so.
            if (event.key === 'Escape' && !event.defaultPrevented && open) close();
        };
        window.addEventListener('keydown', listen);
        return () => window.removeEventListener('keydown', listen);
    });
}

type PersonAsideProps = {
    person: NonNullable<FloorPageProps['person']>;
    onTask: (id: string) => void;
    onClose: () => void;
};

/** What somebody has in hand, beside the floor. */
function PersonAside({ person, onTask, onClose }: PersonAsideProps) {
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
            <Link
                className="mx-3 inline-block py-1 text-sky underline"
                href={`/rulebook/why?person=${person.lane.slug}`}
            >
                {say('screen.why.why_not_they')}
            </Link>
            {person.tasks.length === 0 ? (
                <p className="px-3 text-ink2">{say('screen.floor.no_open_task', { person: person.lane.name })}</p>
            ) : (
                <TaskRows
                    label={say('screen.floor.tasks_of', { person: person.lane.name })}
                    tasks={person.tasks}
                    chosen={undefined}
                    onChoose={onTask}
                />
            )}
        </div>
    );
}

export default function Floor({
    days,
    teams,
    full,
    lanes,
    unplaced,
    reviews,
    toHandOn,
    cuts,
    open,
    handoffs,
    covers,
    task,
    person,
}: FloorPageProps) {
    const show = (query: string): void =>
        router.visit(`/floor${query}`, { only: ['task', 'person'], preserveState: true, preserveScroll: true });
    const view = useRef<HTMLDivElement>(null);
    const known = useLanes(view, teams, lanes);
    const arcs = useMemo(() => arcsOf(covers, teams), [covers, teams]);
    const showTask = (id: string): void => show(`?task=${id}`);
    useEscape(task !== null || person !== null, () => show(''));

    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_340px] xl:grid-cols-[minmax(0,1fr)_420px]">
            <Head title={say('screen.floor.floor')} />
            <h1 className="sr-only">{say('screen.floor.floor')}</h1>
            <div ref={view} className="overflow-auto">
                <div className="relative min-w-[820px]">
                    <LaneArcs arcs={arcs} />
                    <div role="table" aria-label={say('screen.floor.load_of_everybody')} className="bg-paper">
                        <div role="rowgroup" className="sticky top-0 z-10 bg-paper">
                            <div role="row" className={`${COLUMNS} py-1.5 pe-3 text-xs text-ink2`}>
                                <span role="columnheader">{say('screen.floor.person')}</span>
                                <span role="columnheader">{say('screen.floor.now')}</span>
                                <span role="columnheader" className="text-end">
                                    {say('screen.floor.open')}
                                </span>
                                <span role="columnheader" className="text-end">
                                    {say('screen.floor.late')}
                                </span>
                                <span
                                    role="columnheader"
                                    className="text-end"
                                    title={say('screen.floor.pressing_work_over_capacity')}
                                >
                                    {say('screen.floor.load')}
                                </span>
                                {days.map((date, index) => (
                                    <span
                                        role="columnheader"
                                        key={date}
                                        className={clsx(
                                            'border-s border-line ps-1',
                                            index === 0 ? 'font-semibold text-ink' : '',
                                        )}
                                    >
                                        {index === 0 ? say('screen.floor.today') : weekday(date)}{' '}
                                        <span className="font-normal">{say('screen.floor.hours')}</span>
                                    </span>
                                ))}
                            </div>
                        </div>
                        {teams.map((team) => (
                            <LaneTeam
                                key={team.slug}
                                team={team}
                                lanes={known}
                                full={full}
                                chosen={person?.lane.slug}
                                onChoose={(slug) => show(`?person=${slug}`)}
                            />
                        ))}
                    </div>
                </div>
            </div>
            <aside aria-label={say('screen.common.details')} className="overflow-auto border-s border-line bg-paper">
                {task !== null ? (
                    <TaskPanel key={task.id} task={task} place="elsewhere" onClose={() => show('')} />
                ) : person !== null ? (
                    <PersonAside person={person} onTask={showTask} onClose={() => show('')} />
                ) : (
                    <Aside
                        unplaced={unplaced}
                        reviews={reviews}
                        toHandOn={toHandOn}
                        cuts={cuts}
                        open={open}
                        handoffs={handoffs}
                        onTask={showTask}
                    />
                )}
            </aside>
        </div>
    );
}
