import type { ForecastDay } from '@props/Foresight/ForesightPage';
import { weekday } from '@/lib/format';
import { loadNumber } from '@/lib/load';
import { say } from '@/lib/words';

/** The figures of the plot. */
export function ForecastTable({ days }: { days: ForecastDay[] }) {
    const heads = [
        say('foresight.capacity'),
        say('foresight.asked'),
        say('foresight.known'),
        say('foresight.inflow'),
        say('foresight.backlog'),
        say('foresight.may'),
    ];
    return (
        <table className="w-full tabular-nums" aria-label={say('foresight.figures')}>
            <thead className="text-xs text-ink2">
                <tr>
                    <th scope="col" className="py-1 text-start font-normal">
                        {say('foresight.day')}
                    </th>
                    {heads.map((head) => (
                        <th key={head} scope="col" className="py-1 text-end font-normal">
                            {head}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {days.map((day) => (
                    <tr key={day.date} className="border-t border-line">
                        <th scope="row" className="py-1 text-start font-normal">
                            {weekday(day.date)}
                        </th>
                        <td className="text-end">{loadNumber(day.capacity)}</td>
                        <td className="text-end">{day.asked === 0 ? '' : loadNumber(day.asked)}</td>
                        <td className="text-end">{loadNumber(day.known)}</td>
                        <td className="text-end">
                            {day.inflow === null ? (
                                <span className="text-ink2">{say('foresight.too_little')}</span>
                            ) : (
                                loadNumber(day.inflow)
                            )}
                        </td>
                        <td className={`text-end ${day.backlog > 0 ? 'font-semibold text-brick' : ''}`}>
                            {loadNumber(day.backlog)}
                        </td>
                        <td className={`text-end ${day.may > 0 ? 'text-brick' : ''}`}>{loadNumber(day.may)}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
