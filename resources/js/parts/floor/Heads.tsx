import clsx from 'clsx';
import type { FloorPageProps } from '@props/Floor/FloorPage';
import { weekday } from '@/lib/format';
import { say } from '@/lib/words';
import { HourHeads } from './HoursLane';
import { COLUMNS } from './Lanes';

/** The columns of the lanes: what is said of the person, and the days. */
export function Heads({ days, isToday, axis }: Pick<FloorPageProps, 'days' | 'isToday' | 'axis'>) {
    const heads: [string, string | undefined][] = [
        [say('screen.floor.person'), undefined],
        [say('screen.floor.now'), undefined],
        [say('screen.floor.open'), undefined],
        [say('screen.floor.late'), undefined],
        [say('screen.floor.load'), say('screen.floor.pressing_work_over_capacity')],
    ];
    return (
        <div role="row" className={`${COLUMNS} border-b border-line py-1 text-xs text-ink2`}>
            {heads.map(([head, title], place) => (
                <span
                    key={head}
                    role="columnheader"
                    className={clsx('truncate', place > 1 && 'text-end')}
                    title={title ?? head}
                >
                    {head}
                </span>
            ))}
            <span role="columnheader" className="truncate" title={say('floor.before_title')}>
                {say('floor.before')}
            </span>
            {axis === null ? (
                <span role="columnheader" className="grid grid-flow-col auto-cols-fr gap-px">
                    {days.map((date, index) => (
                        <span
                            key={date}
                            className={clsx(
                                'whitespace-nowrap',
                                days.length <= 10 && 'overflow-hidden',
                                index === 0 && isToday && 'font-semibold text-ink',
                                days.length > 10 && index % 5 > 0 && 'invisible',
                            )}
                        >
                            {weekday(date)}
                        </span>
                    ))}
                </span>
            ) : (
                <span role="columnheader">
                    <HourHeads axis={axis} />
                </span>
            )}
        </div>
    );
}
