import type { CalendarPageProps } from '@props/Calendar/CalendarPage';
import { longDay } from '@/lib/days';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';
import { TaskRows } from '@/parts/TaskRows';
import { Button } from '@/ui/Button';

type Props = {
    shown: NonNullable<CalendarPageProps['shown']>;
    onTask: (id: string) => void;
    onHours: () => void;
    onClose: () => void;
};

/** One day with all that is on it. */
export function DayAside({ shown, onTask, onHours, onClose }: Props) {
    const day = longDay(shown.date);
    return (
        <div className="space-y-3 pb-4">
            <header className="flex items-center gap-2 p-3 pb-0">
                <h2 className="min-w-0 flex-1 text-base font-semibold">{day}</h2>
                <Button look="quiet" onClick={onHours}>
                    {say('work_calendar.by_hours')}
                </Button>
                <Button look="quiet" onClick={onClose}>
                    {say('screen.common.close')}
                </Button>
            </header>
            {shown.off && <p className="px-3 text-ink2">{say('work_calendar.house_off')}</p>}
            {(['due', 'done'] as const).map((what) => (
                <section key={what} aria-label={say(`work_calendar.${what}_head`)}>
                    <h3 className="px-3 font-semibold">{say(`work_calendar.${what}_head`)}</h3>
                    {shown[what].length === 0 ? (
                        <p className="px-3 text-ink2">{say(`work_calendar.nothing_${what}`)}</p>
                    ) : (
                        <TaskRows
                            label={say(`work_calendar.${what}_head`)}
                            tasks={shown[what]}
                            chosen={undefined}
                            onChoose={onTask}
                        />
                    )}
                    {shown[what].length === shown.most && (
                        <p className="px-3 text-ink2">{say('work_calendar.first_ones', { count: shown.most })}</p>
                    )}
                </section>
            ))}
            {shown.away.length > 0 && (
                <section className="px-3" aria-label={say('work_calendar.away_head')}>
                    <h3 className="font-semibold">{say('work_calendar.away_head')}</h3>
                    <ul>
                        {shown.away.map((one) => (
                            <li key={one.slug}>
                                <PersonName {...one} />
                            </li>
                        ))}
                    </ul>
                </section>
            )}
        </div>
    );
}
