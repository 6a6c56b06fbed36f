import clsx from 'clsx';
import type { CoverLoad } from '@props/Absences/CoverPlan';
import { weekday } from '@/lib/format';
import { load, loadNumber } from '@/lib/load';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';

const HEIGHT = 36;
const LINE = 26;

function percent(value: number | null): string {
    return value === null ? say('cover.no_time') : `${value} %`;
}

/**
 * A day of a substitute: what they have as a bar of ink, what passes on top of it edged in plum, what does not fit
 * hatched.
 */
function Day({ day, full, name }: { day: CoverLoad['days'][number]; full: number; name: string }) {
    const scale = LINE / full;
    const own = Math.min(day.before * scale, LINE);
    const passed = Math.max(0, Math.min(day.planned * scale, LINE) - own);
    const said = say('cover.day', {
        planned: load(day.planned),
        capacity: load(day.capacity),
        before: load(day.before),
        late: day.late,
        late_span: load(day.late),
    });
    return (
        <td className="min-w-[62px] border-s border-line px-1 align-bottom">
            {day.capacity > 0 || day.planned > 0 ? (
                <div
                    role="img"
                    aria-label={`${name}, ${day.date}: ${said}`}
                    title={said}
                    className="relative"
                    style={{ height: HEIGHT }}
                >
                    <div className="absolute bottom-0 start-0 w-6 bg-bar" style={{ height: own }} />
                    {passed > 0 && (
                        <div
                            className="absolute start-0 w-6 border border-plum bg-plum/25"
                            style={{ height: passed, bottom: own }}
                        />
                    )}
                    {day.over && (
                        <div
                            className="hatch absolute start-0 w-6 border border-brick"
                            style={{ height: 8, bottom: own + passed }}
                        />
                    )}
                    <div
                        className="absolute start-0 w-8 border-t border-ink"
                        style={{ bottom: Math.min(day.capacity * scale, LINE) }}
                    />
                    <span className={`absolute end-0 bottom-0 text-xs ${day.over ? 'font-semibold text-brick' : ''}`}>
                        {loadNumber(day.planned)}
                    </span>
                </div>
            ) : (
                <div className="text-xs text-ink2" style={{ height: HEIGHT }}>
                    {day.working ? say('cover.away') : ''}
                </div>
            )}
        </td>
    );
}

/** How loaded whoever gets something is without it and with it, day by day. */
export function PlanLoads({ loads }: { loads: CoverLoad[] }) {
    const dates = [...new Set(loads.flatMap((load) => load.days.filter((day) => day.working).map((day) => day.date)))]
        .sort()
        .slice(0, 15);
    const full = Math.max(60, ...loads.flatMap((load) => load.days.map((day) => day.capacity)));
    return (
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={say('cover.load')}>
            <table className="w-full border-collapse text-sm">
                <thead>
                    <tr className="text-start text-ink2">
                        <th className="px-4 py-1 font-normal">{say('cover.who')}</th>
                        <th className="px-2 py-1 text-end font-normal">{say('cover.gets')}</th>
                        <th className="px-2 py-1 text-end font-normal whitespace-nowrap">{say('cover.load')}</th>
                        {dates.map((date) => (
                            <th key={date} className="border-s border-line px-1 py-1 font-normal whitespace-nowrap">
                                {weekday(date)}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {loads.map((load) => (
                        <tr key={load.person.slug} className="border-t border-line">
                            <th scope="row" className="px-4 py-1 text-start font-normal">
                                <PersonName {...load.person} />
                            </th>
                            <td className="px-2 py-1 text-end whitespace-nowrap">
                                {say('screen.common.tasks', { count: load.tasks })}
                            </td>
                            <td
                                className={clsx(
                                    'px-2 py-1 text-end whitespace-nowrap',
                                    (load.after ?? 101) > 100 ? 'font-semibold text-brick' : '',
                                )}
                            >
                                {percent(load.before)} → {percent(load.after)}
                            </td>
                            {dates.map((date) => {
                                const day = load.days.find((one) => one.date === date);
                                return day === undefined ? (
                                    <td key={date} className="border-s border-line" />
                                ) : (
                                    <Day key={date} day={day} full={full} name={load.person.name} />
                                );
                            })}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
