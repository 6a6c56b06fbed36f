import { router } from '@inertiajs/react';
import type { FloorTeam, Lane } from '@props/Tasks/FloorPage';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { useFormats } from '@/lib/format';
import { presenceLook } from '@/lib/presence';
import { say } from '@/lib/words';
import { LoadDay } from './LoadLane';
import { PersonName } from './PersonMark';

/** Before it comes into view a lane is fetched, so many pixels. */
const AHEAD = 400;

/** How many lanes are asked for at once: as many as the server gives. */
const AT_ONCE = 100;

export const COLUMNS =
    'ps-11 grid items-center gap-x-2 ' +
    'grid-cols-[minmax(150px,1.3fr)_minmax(92px,0.6fr)_52px_48px_56px_repeat(5,minmax(62px,1fr))]';

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

function LaneCells({ lane, full }: { lane: Lane; full: number }) {
    const over = lane.loadPercent === null ? lane.openTasks > 0 : lane.loadPercent > 100;
    return (
        <>
            <span role="cell" className="truncate">
                <State lane={lane} />
            </span>
            <span role="cell" className="text-end">
                {lane.openTasks}
            </span>
            <span role="cell" className={`text-end ${lane.late > 0 ? 'font-semibold text-brick' : 'text-ink2'}`}>
                {lane.late}
            </span>
            <span role="cell" className={`text-end ${over ? 'font-semibold text-brick' : ''}`}>
                {lane.loadPercent === null ? say('screen.common.none') : `${lane.loadPercent} %`}
            </span>
            {lane.days.map((one) => (
                <span role="cell" key={one.date} className="border-s border-line ps-1">
                    <LoadDay day={one} full={full} name={lane.name} />
                </span>
            ))}
        </>
    );
}

/** A team and its lanes; of those that were never in view the name alone is known. */
export function LaneTeam({
    team,
    lanes,
    full,
    chosen,
    onChoose,
}: {
    team: FloorTeam;
    lanes: Map<string, Lane>;
    full: number;
    chosen: string | undefined;
    onChoose: (slug: string) => void;
}) {
    return (
        <div role="rowgroup" aria-label={team.name}>
            <div role="row" className="border-t border-ink2 bg-chalk px-3 py-1">
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
            {team.people.map(({ slug, name, lead }) => {
                const lane = lanes.get(slug);
                return (
                    <div
                        role="row"
                        key={slug}
                        data-lane={slug}
                        aria-busy={lane === undefined}
                        className={`${COLUMNS} h-8 border-t border-line pe-3 ${slug === chosen ? 'bg-pine-wash' : ''}`}
                    >
                        <span role="rowheader" className="min-w-0">
                            <button
                                type="button"
                                className="flex max-w-full items-center text-start hover:underline"
                                onClick={() => onChoose(slug)}
                            >
                                <PersonName slug={slug} name={name} />
                                {lead && (
                                    <span
                                        className="ms-1 min-w-0 truncate text-xs text-ink2"
                                        title={say('screen.lanes.lead')}
                                    >
                                        {say('screen.lanes.lead')}
                                    </span>
                                )}
                            </button>
                        </span>
                        {lane !== undefined && <LaneCells lane={lane} full={full} />}
                    </div>
                );
            })}
        </div>
    );
}

/** The slugs of the lanes that are in view of what scrolls, or nearly. */
function useInView(view: RefObject<HTMLElement | null>, teams: FloorTeam[]): string[] {
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
export function useLanes(view: RefObject<HTMLElement | null>, teams: FloorTeam[], lanes: Lane[]): Map<string, Lane> {
    const [known, setKnown] = useState({ lanes, bySlug: new Map(lanes.map((lane) => [lane.slug, lane])) });
    const bySlug =
        known.lanes === lanes
            ? known.bySlug
            : new Map([...known.bySlug, ...lanes.map((lane): [string, Lane] => [lane.slug, lane])]);
    if (known.lanes !== lanes) setKnown({ lanes, bySlug });

    const asked = useRef<{ teams: FloorTeam[] | null; slugs: Set<string> }>({ teams: null, slugs: new Set() });
    const inView = useInView(view, teams);
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
