import { router } from '@inertiajs/react';
import clsx from 'clsx';
import type { FloorTeam, GiveLine, Lane } from '@props/Floor/FloorPage';
import { useEffect, useRef, useState, type KeyboardEvent, type RefObject } from 'react';
import { useFormats } from '@/lib/format';
import { presenceLook } from '@/lib/presence';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';
import { GiveStrip } from './GiveStrip';
import { HoursLane, type Axis } from './HoursLane';
import { Before, LoadDay } from './LoadLane';

/** Before it comes into view a lane is fetched, so many pixels. */
const AHEAD = 400;

/** How many lanes are asked for at once: as many as the server gives. */
const AT_ONCE = 100;

const FEW = 'grid-cols-[minmax(150px,1.1fr)_minmax(88px,0.5fr)_52px_48px_64px_92px_minmax(0,4fr)]';
export const COLUMNS = `ps-11 pe-3 grid items-center gap-x-2 ${FEW}`;

/** What is done with lanes: looked at, or given to. */
export type LaneActs = {
    chosen: string | undefined;
    onChoose: (slug: string) => void;
    onDay: (slug: string, date: string) => void;
    /** what each would become; null: nothing is being given */
    giving: Map<string, GiveLine> | null;
    onGive: (slug: string) => void;
    onTask: (id: string) => void;
    /** of one day by hours; null: days are shown */
    axis: Axis | null;
};

function State({ lane }: { lane: Lane }) {
    const { lastDay } = useFormats();
    const substitutes = lane.substitutes.map((one) => one.name).join(', ');
    const said =
        lane.state === 'away' && lane.awayUntil !== null
            ? say('people.away_to', { day: lastDay(lane.awayUntil) })
            : say(`people.states.${lane.state}`);
    const people = say('people.substitutes', { people: substitutes === '' ? 'none' : substitutes });
    return (
        <span className={presenceLook(lane.state)} title={lane.state === 'away' ? `${said}; ${people}` : said}>
            {said}
        </span>
    );
}

function LaneCells({ lane, full, acts }: { lane: Lane; full: number; acts: LaneActs }) {
    const over = lane.loadPercent === null ? lane.openTasks > 0 : lane.loadPercent > 100;
    const late = lane.late + lane.tooLate;
    const wide = lane.days.length <= 5;
    return (
        <>
            <span role="cell" className="truncate">
                <State lane={lane} />
            </span>
            <span role="cell" className="text-end">
                {lane.openTasks}
            </span>
            <span
                role="cell"
                className={`text-end ${late > 0 ? 'font-semibold text-brick' : 'text-ink2'}`}
                title={say('floor.late_title', { late: lane.late, too_late: lane.tooLate })}
            >
                {late}
            </span>
            {acts.giving !== null ? (
                <span role="cell" className="col-span-3 truncate">
                    <GiveStrip line={acts.giving.get(lane.slug)} />
                </span>
            ) : (
                <>
                    <span role="cell" className={`text-end ${over ? 'font-semibold text-brick' : ''}`}>
                        {lane.loadPercent === null ? say('screen.common.none') : `${lane.loadPercent} %`}
                    </span>
                    <span role="cell">
                        <Before {...lane.before} name={lane.name} />
                    </span>
                    {lane.hours !== null && acts.axis !== null ? (
                        <span role="cell">
                            <HoursLane hours={lane.hours} axis={acts.axis} name={lane.name} onTask={acts.onTask} />
                        </span>
                    ) : (
                        <span role="cell" className="grid grid-flow-col auto-cols-fr gap-px">
                            {lane.days.map((one) => (
                                <button
                                    key={one.date}
                                    type="button"
                                    tabIndex={-1}
                                    className="text-start"
                                    onClick={() => acts.onDay(lane.slug, one.date)}
                                >
                                    <LoadDay day={one} full={full} name={lane.name} wide={wide} />
                                </button>
                            ))}
                        </span>
                    )}
                </>
            )}
        </>
    );
}

/** From lane to lane by the arrow keys. */
function onArrow(event: KeyboardEvent<HTMLElement>): void {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    const lanes = [...document.querySelectorAll<HTMLElement>('[data-lane] [data-name]')];
    const at = lanes.indexOf(event.currentTarget);
    const next = lanes[at + (event.key === 'ArrowDown' ? 1 : -1)];
    if (next === undefined) return;
    event.preventDefault();
    next.focus();
}

type RowProps = { person: FloorTeam['people'][number]; lane: Lane | undefined; full: number; acts: LaneActs };

function LaneRow({ person: { slug, name, lead }, lane, full, acts }: RowProps) {
    const [over, setOver] = useState(false);
    const { giving } = acts;
    const line = giving?.get(slug);
    const takes = giving !== null && line?.holds !== true;
    return (
        <div
            role="row"
            data-lane={slug}
            aria-busy={lane === undefined}
            className={clsx(
                COLUMNS,
                'group/lane h-8 border-t border-line',
                slug === acts.chosen && 'bg-pine-wash',
                over && takes && 'bg-pine-wash outline-2 -outline-offset-2 outline-pine',
            )}
            onDragOver={(event) => {
                if (!takes) return;
                event.preventDefault();
                setOver(true);
            }}
            onDragLeave={() => setOver(false)}
            onDrop={(event) => {
                event.preventDefault();
                setOver(false);
                if (takes) acts.onGive(slug);
            }}
        >
            <span role="rowheader" className="min-w-0">
                <button
                    type="button"
                    data-name
                    aria-label={takes ? say('give.to', { person: name }) : undefined}
                    className="flex max-w-full items-center text-start hover:underline"
                    onKeyDown={onArrow}
                    onClick={() => (takes ? acts.onGive(slug) : acts.onChoose(slug))}
                >
                    <PersonName slug={slug} name={name} />
                    {lead && (
                        <span className="ms-1 min-w-0 truncate text-xs text-ink2" title={say('screen.lanes.lead')}>
                            {say('screen.lanes.lead')}
                        </span>
                    )}
                </button>
            </span>
            {lane !== undefined && <LaneCells lane={lane} full={full} acts={acts} />}
        </div>
    );
}

type TeamProps = { team: FloorTeam; lanes: Map<string, Lane>; full: number; acts: LaneActs };

/** A team and its lanes; of those that were never in view the name alone is known. */
export function LaneTeam({ team, lanes, full, acts }: TeamProps) {
    return (
        <div role="rowgroup" aria-label={team.name}>
            <div role="row" className="border-t border-ink2 bg-chalk px-3 py-0.5">
                <span role="rowheader" className="font-semibold">
                    {team.name}
                    {team.above !== null && (
                        <span className="font-normal text-ink2"> {say('screen.lanes.of', { team: team.above })}</span>
                    )}
                    <span className="ms-3 text-xs font-normal text-ink2">
                        {say('screen.lanes.present', {
                            present: team.present,
                            people: team.people.length,
                            tasks: team.openTasks,
                        })}
                    </span>
                </span>
            </div>
            {team.people.map((person) => (
                <LaneRow key={person.slug} person={person} lane={lanes.get(person.slug)} full={full} acts={acts} />
            ))}
        </div>
    );
}

/** The slugs of the lanes that are in view of what scrolls, or nearly. */
export function useInView(view: RefObject<HTMLElement | null>, teams: FloorTeam[]): string[] {
    const [slugs, setSlugs] = useState<string[]>([]);
    useEffect(() => {
        const rows = new Set<Element>();
        const watch = new IntersectionObserver(
            (entries) => {
                for (const entry of entries) {
                    if (entry.isIntersecting) rows.add(entry.target);
                    else rows.delete(entry.target);
                }
                setSlugs([...new Set([...rows].map((row) => row.getAttribute('data-lane') ?? ''))]);
            },
            { root: view.current, rootMargin: `${AHEAD}px 0px` },
        );
        view.current?.querySelectorAll('[data-lane]').forEach((row) => watch.observe(row));
        return () => watch.disconnect();
    }, [view, teams]);
    return slugs;
}

/**
 * The lanes that are known, by slug: those that came with the page, and those
 * fetched as they were scrolled into view. When the page is fetched anew, so
 * are the lanes in view; one that is not keeps what it said until it is again.
 */
export function useLanes(inView: string[], teams: FloorTeam[], lanes: Lane[]): Map<string, Lane> {
    const [known, setKnown] = useState({ lanes, bySlug: new Map(lanes.map((lane) => [lane.slug, lane])) });
    const bySlug =
        known.lanes === lanes
            ? known.bySlug
            : new Map([...known.bySlug, ...lanes.map((lane): [string, Lane] => [lane.slug, lane])]);
    if (known.lanes !== lanes) setKnown({ lanes, bySlug });

    const asked = useRef<{ teams: FloorTeam[] | null; slugs: Set<string> }>({ teams: null, slugs: new Set() });
    useEffect(() => {
        if (asked.current.teams !== teams) asked.current = { teams, slugs: new Set(lanes.map((lane) => lane.slug)) };
        const timer = setTimeout(() => {
            const missing = inView.filter((slug) => !asked.current.slugs.has(slug)).slice(0, AT_ONCE);
            if (missing.length === 0) return;
            missing.forEach((slug) => asked.current.slugs.add(slug));
            router.reload({ only: ['lanes'], data: { lanes: missing.join(',') }, preserveUrl: true });
        }, 60);
        return () => clearTimeout(timer);
    }, [inView, teams, lanes]);
    return bySlug;
}
