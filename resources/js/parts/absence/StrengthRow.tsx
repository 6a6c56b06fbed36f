import clsx from 'clsx';
import type { AbsenceChart as Chart } from '@props/Absences/AbsenceChart';
import { weekday } from '@/lib/format';
import { say } from '@/lib/words';

export const NAMES = 'w-[218px] shrink-0';

/** With more days than that, not every one has room for a figure. */
const ROOMY = 28;

export function StrengthRow({ row, days }: { row: Chart['strength'][number]; days: Chart['days'] }) {
    const roomy = days.length <= ROOMY;
    return (
        <div className="flex border-t border-line" role="row">
            <span role="rowheader" className={`${NAMES} truncate py-0.5 pe-2 ps-3 text-xs text-ink2`}>
                {say(row.minimum === null ? 'chart.strength_alone' : 'chart.strength', {
                    name: row.name,
                    minimum: row.minimum ?? 0,
                })}
            </span>
            <div
                className="grid min-w-0 flex-1"
                style={{ gridTemplateColumns: `repeat(${days.length}, minmax(0, 1fr))` }}
            >
                {row.days.map((day, index) => {
                    const there = say('chart.there', {
                        name: row.name,
                        date: weekday(days[index]?.date ?? ''),
                        there: day.there,
                    });
                    const said =
                        day.ifApproved === day.there
                            ? there
                            : say('chart.if_approved', { said: there, count: day.ifApproved });
                    const look = day.below
                        ? 'bg-brick text-paper font-semibold'
                        : day.wouldBeBelow
                          ? 'hatch border border-brick text-brick font-semibold'
                          : 'text-ink2';
                    return (
                        <span
                            key={days[index]?.date}
                            role="cell"
                            aria-label={said}
                            title={said}
                            className={clsx(
                                'overflow-hidden border-s border-line py-0.5 text-center text-xs',
                                day.off ? 'bg-chalk' : look,
                            )}
                        >
                            {day.off || !roomy ? (
                                ' '
                            ) : (
                                <span className={day.wouldBeBelow && !day.below ? 'bg-paper px-0.5' : ''}>
                                    {day.wouldBeBelow && !day.below ? day.ifApproved : day.there}
                                </span>
                            )}
                        </span>
                    );
                })}
            </div>
        </div>
    );
}
