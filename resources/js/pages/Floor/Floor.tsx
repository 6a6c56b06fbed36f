import { Head, router } from '@inertiajs/react';
import type { FloorAnswers, FloorPageProps, FloorTeam, FloorView, Lane } from '@props/Floor/FloorPage';
import { useEffect, useMemo, useRef, useState } from 'react';
import { floorAddress, givenSaid, lookAt, useGiveLines, type Given } from '@/lib/floor';
import { useShortcuts } from '@/lib/keys';
import { say } from '@/lib/words';
import { LaneArcs, type LaneArc } from '@/parts/LaneArcs';
import { TaskPanel } from '@/parts/TaskPanel';
import { Answers } from '@/parts/floor/Answers';
import type { Gives } from '@/parts/floor/Lists';
import { GiveDialog } from '@/parts/floor/GiveDialog';
import { Heads } from '@/parts/floor/Heads';
import { LaneTeam, useInView, useLanes } from '@/parts/floor/Lanes';
import { LookBar } from '@/parts/floor/LookBar';
import { Button } from '@/ui/Button';
import { Aside } from './FloorAside';
import { PersonAside } from './PersonAside';

const NOBODY = { count: 0, people: [] };
const NOT_YET: FloorAnswers = {
    room: NOBODY,
    over: NOBODY,
    late: { overdue: 0, tooLate: 0, worst: [] },
    away: NOBODY,
    unplaced: 0,
};

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

/** Escape leaves what is being given, else closes the panel at the right. */
function useEscape(open: boolean, close: () => void): void {
    useShortcuts('page', say('keys.floor'), [
        { key: 'g', does: say('keys.give') },
        ...(open ? [{ key: 'Esc', does: say('keys.close') }] : []),
    ]);
    useEffect(() => {
        const listen = (event: KeyboardEvent): void => {
            // What is open above the panel takes the key first, and says so.
            if (event.key === 'Escape' && !event.defaultPrevented && open) close();
        };
        window.addEventListener('keydown', listen);
        return () => window.removeEventListener('keydown', listen);
    });
}

/** Minutes: the capacity of the fullest day that is shown, the measure of all. */
function fullestDay(lanes: Map<string, Lane>): number {
    return Math.max(1, ...[...lanes.values()].flatMap((lane) => lane.days.map((day) => day.capacity)));
}

/** In a large house the page comes first, and then what takes the work of everybody. */
function useAnswersLater(answers: FloorPageProps['answers']): void {
    const missing = answers === null;
    useEffect(() => {
        if (missing) router.reload({ only: ['answers', 'tooLate'] });
    }, [missing]);
}

/** What is being given, and to whom; the first lane takes the keys. */
function useGiving() {
    const [given, setGiven] = useState<Given[]>([]);
    const [to, setTo] = useState<string | null>(null);
    const give = (tasks: Given[]): void => {
        setGiven(tasks);
        setTo(null);
        requestAnimationFrame(() => document.querySelector<HTMLElement>('[data-lane] [data-name]')?.focus());
    };
    return { given, to, give, setTo, leave: () => give([]) };
}

/** What is being given, with how; or what was given last. */
function GivingBar({ given, said, onLeave }: { given: Given[]; said: string | null; onLeave: () => void }) {
    if (given.length === 0 && said === null) return null;
    return (
        <p role="status" className="flex items-center gap-3 border-b border-pine bg-pine-wash px-3 py-1.5">
            {given.length === 0 ? (
                said
            ) : (
                <>
                    <b className="font-semibold">{givenSaid(given)}</b> {say('give.choose')}
                    <Button className="ms-auto" onClick={onLeave}>
                        {say('screen.common.leave_it')}
                    </Button>
                </>
            )}
        </p>
    );
}

/** What is opened beside the lanes: a task, somebody's work, or what wants somebody. */
function Beside({
    page,
    list,
    show,
    gives,
}: {
    page: FloorPageProps;
    list: 'unplaced' | 'late' | null;
    show: (beside: Record<string, string>) => void;
    gives: Gives;
}) {
    const { task, person } = page;
    if (task !== null) {
        return <TaskPanel key={task.id} task={task} place="elsewhere" onClose={() => show({})} />;
    }
    if (person === null) return <Aside {...page} {...gives} list={list} />;
    return (
        <PersonAside
            key={person.lane.slug}
            person={person}
            {...gives}
            onAllDays={() => show({ person: person.lane.slug })}
            onClose={() => show({})}
        />
    );
}

/** What is open beside the lanes, by its place in the address. */
function besideOf({ task, person }: FloorPageProps): Record<string, string> {
    if (task !== null) return { task: task.id };
    if (person === null) return {};
    return { person: person.lane.slug, ...(person.day === null ? {} : { day: person.day.date }) };
}

export default function Floor(page: FloorPageProps) {
    const { view, days, isToday, teams, lanes, answers, covers, task, person } = page;
    const scrolls = useRef<HTMLDivElement>(null);
    const inView = useInView(scrolls, teams);
    const known = useLanes(inView, teams, lanes);
    const arcs = useMemo(() => arcsOf(covers, teams), [covers, teams]);
    const { given, to, give, setTo, leave } = useGiving();
    const full = useMemo(() => fullestDay(known), [known]);
    useAnswersLater(answers);
    const lines = useGiveLines(given, inView);
    const [list, setList] = useState<'unplaced' | 'late' | null>(null);
    const [said, setSaid] = useState<string | null>(null);
    const show = (beside: Record<string, string>): void =>
        router.visit(floorAddress(view, beside), {
            only: ['task', 'person'],
            preserveState: true,
            preserveScroll: true,
        });
    const look = (changed: FloorView): void => lookAt(changed, besideOf(page));
    const showTask = (id: string): void => show({ task: id });
    const showList = (which: 'unplaced' | 'late'): void => {
        setList(which);
        if (task !== null || person !== null) show({});
    };
    const gives = {
        onTask: showTask,
        onGive: (tasks: Given[]): void => {
            setSaid(null);
            give(tasks);
        },
    };
    useEscape(given.length > 0 || task !== null || person !== null, () => (given.length > 0 ? leave() : show({})));
    const taker = teams.flatMap((team) => team.people).find((one) => one.slug === to);
    const acts = {
        chosen: person?.lane.slug,
        onChoose: (slug: string): void => show({ person: slug }),
        onDay: (slug: string, day: string): void => show({ person: slug, day }),
        giving: given.length > 0 ? lines : null,
        onGive: setTo,
        onTask: showTask,
        axis: page.axis,
    };
    return (
        <div className="flex h-full flex-col">
            <Head title={say('screen.floor.floor')} />
            <h1 className="sr-only">{say('screen.floor.floor')}</h1>
            <Answers
                answers={answers ?? NOT_YET}
                isThere={answers !== null}
                unplaced={page.unplaced}
                view={view}
                onLook={look}
                onPerson={acts.onChoose}
                onTask={showTask}
                onList={showList}
            />
            <LookBar view={view} choices={page.choices} levelling={page.levelling} onLook={look} />
            <GivingBar given={given} said={said} onLeave={leave} />
            <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_340px] xl:grid-cols-[minmax(0,1fr)_400px]">
                <div ref={scrolls} className="overflow-auto">
                    <div className="relative min-w-[760px]">
                        <LaneArcs arcs={arcs} />
                        <div role="table" aria-label={say('screen.floor.load_of_everybody')} className="bg-paper">
                            <div role="rowgroup" className="sticky top-0 z-10 bg-paper">
                                <Heads days={days} isToday={isToday} axis={page.axis} />
                            </div>
                            {teams.map((team) => (
                                <LaneTeam key={team.slug} team={team} lanes={known} full={full} acts={acts} />
                            ))}
                        </div>
                        {teams.length === 0 && <p className="p-5 text-ink2">{say('floor.nobody_shown')}</p>}
                    </div>
                </div>
                <aside
                    aria-label={say('screen.common.details')}
                    className="overflow-auto border-s border-line bg-paper"
                >
                    <Beside page={page} list={list} show={show} gives={gives} />
                </aside>
            </div>
            {taker !== undefined && given.length > 0 && (
                <GiveDialog
                    given={given}
                    to={taker}
                    line={lines.get(taker.slug)}
                    onLeave={() => setTo(null)}
                    onDone={(count) => {
                        setSaid(say('give.given', { what: givenSaid(given), person: taker.name, count }));
                        leave();
                    }}
                />
            )}
        </div>
    );
}
