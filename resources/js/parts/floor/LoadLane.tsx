import clsx from 'clsx';
import type { LaneDay } from '@props/Floor/FloorPage';
import { load, loadNumber } from '@/lib/load';
import { say } from '@/lib/words';

const HEIGHT = 28;
/** The height of the capacity line of a full day; what exceeds it is drawn above. */
const LINE = 20;

function describe(day: LaneDay): string {
    if (day.state === 'away') return say('screen.load_lane.away');
    if (day.state === 'off') return say('screen.load_lane.off');
    return say('screen.load_lane.planned', {
        planned: load(day.planned),
        capacity: load(day.capacity),
        late: day.late > 0 ? load(day.late) : 'none',
    });
}

/**
 * One day of a lane, measured by the capacity of a full day in minutes: what is planned as ink from the bottom, what
 * is free hollow up to the day's capacity line, what does not get done in time hatched above it.
 */
export function LoadDay({ day, full, name, wide }: { day: LaneDay; full: number; name: string; wide: boolean }) {
    const said = describe(day);
    if (day.state !== 'works') {
        return (
            <div
                role="img"
                aria-label={`${name}, ${day.date}: ${said}`}
                title={said}
                className={clsx('h-7', day.state === 'away' && 'ruled border border-ink2')}
            >
                {day.state === 'away' && wide && (
                    <span className="bg-paper px-1 text-xs text-ink2">{say('screen.load_lane.away')}</span>
                )}
            </div>
        );
    }
    const scale = LINE / full;
    const line = Math.min(day.capacity * scale, LINE);
    const bar = Math.min(day.planned * scale, line);
    const late = Math.min(day.late * scale, HEIGHT - bar);
    return (
        <div role="img" aria-label={`${name}, ${day.date}: ${said}`} title={said} className="relative h-7">
            <div className="absolute inset-x-0 bottom-0 border-t border-ink2 bg-chalk" style={{ height: line }} />
            <div className="absolute inset-x-0 bottom-0 bg-bar" style={{ height: bar }} />
            {day.late > 0 && (
                <div
                    className="hatch absolute inset-x-0 border border-brick"
                    style={{ height: Math.max(late, 5), bottom: Math.min(bar, HEIGHT - 5) }}
                />
            )}
            {wide && (
                <span
                    className={clsx(
                        'absolute end-0 bottom-0 bg-paper/90 px-0.5 text-xs leading-[14px]',
                        day.late === 0 && 'opacity-0 group-focus-within/lane:opacity-100 group-hover/lane:opacity-100',
                    )}
                >
                    {day.late > 0 ? (
                        <strong className="text-brick">+{loadNumber(day.late)}</strong>
                    ) : (
                        `${loadNumber(day.planned)} / ${loadNumber(day.capacity)}`
                    )}
                </span>
            )}
        </div>
    );
}

/** What is past due by now, and what is still done before the first day that is shown. */
export function Before({ behind, planned, name }: { behind: number; planned: number; name: string }) {
    if (behind === 0 && planned === 0) return <div className="h-7" />;
    const said = [
        ...(behind > 0 ? [say('floor.behind', { time: load(behind) })] : []),
        ...(planned > 0 ? [say('floor.still_today', { time: load(planned) })] : []),
    ].join(', ');
    return (
        <div role="img" aria-label={`${name}: ${said}`} title={said} className="flex h-7 items-center gap-1 text-xs">
            {behind > 0 && (
                <>
                    <span className="hatch h-4 w-2 shrink-0 border border-brick" />
                    <span className="font-semibold text-brick">{loadNumber(behind)}</span>
                </>
            )}
            {planned > 0 && <span className="ms-auto text-ink2">{loadNumber(planned)}</span>}
        </div>
    );
}
