import clsx from 'clsx';
import type { LaneDay } from '@props/Tasks/FloorPage';
import { duration, hours } from '@/lib/format';
import { say } from '@/lib/words';

const HEIGHT = 28;
/** The height of the capacity line of a full day; what exceeds it is drawn above. */
const LINE = 19;

function describe(day: LaneDay): string {
    if (day.state === 'away') return say('screen.load_lane.away');
    if (day.state === 'off') return say('screen.load_lane.off');
    return say('screen.load_lane.planned', {
        planned: duration(day.planned),
        capacity: duration(day.capacity),
        late: day.late > 0 ? duration(day.late) : 'none',
    });
}

/**
 * One day of a lane, measured by the capacity of a full day in minutes: load as a bar against the day's capacity line,
 * what does not fit hatched above it.
 */
export function LoadDay({ day, full, name }: { day: LaneDay; full: number; name: string }) {
    if (day.state !== 'works') {
        return (
            <div
                role="img"
                aria-label={`${name}, ${day.date}: ${describe(day)}`}
                className={`h-7 ${day.state === 'away' ? 'ruled border border-ink2' : ''}`}
            >
                {day.state === 'away' && (
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
        <div
            role="img"
            aria-label={`${name}, ${day.date}: ${describe(day)}`}
            title={describe(day)}
            className="relative h-7"
        >
            <div className="absolute bottom-0 start-0 w-7 bg-bar" style={{ height: bar }} />
            {day.late > 0 && (
                <div
                    className="hatch absolute start-0 w-7 border border-brick"
                    style={{ height: Math.max(late, 4), bottom: bar }}
                />
            )}
            <div className="absolute start-0 w-9 border-t border-ink" style={{ bottom: line }} />
            <span
                className={clsx(
                    'absolute end-0 bottom-0 text-end text-xs leading-[13px]',
                    day.planned === 0 ? 'text-ink2' : '',
                )}
            >
                {day.late > 0 && <strong className="block bg-paper/85 ps-0.5 text-brick">+{hours(day.late)}</strong>}
                {day.planned === 0 ? '0' : hours(day.planned)}
            </span>
        </div>
    );
}
