import { DayEntry } from '@/ui/DayEntry';
import clsx from 'clsx';
import type { PersonDocument } from '@props/People/PeoplePage';
import { useToday } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import type { Props } from './HoursEditor';
import { ranges, wrongAt } from './hours';

/** Dates on which somebody works otherwise, and the days off that they have. */
export function DatesEditor({ document, wrong, house = false, onChange }: Props) {
    const today = useToday();
    const exceptions = document.exceptions ?? [];
    const put = (next: NonNullable<PersonDocument['exceptions']>): void =>
        onChange({ exceptions: next.length === 0 ? undefined : next } as Partial<PersonDocument>);
    const holidays = document.holidays ?? (house ? [] : null);
    return (
        <fieldset className="space-y-2">
            <legend className="font-medium">{say('people.dates')}</legend>
            {exceptions.map((one, place) => {
                const set = (changes: Partial<(typeof exceptions)[number]>): void =>
                    put(exceptions.map((other, index) => (index === place ? { ...other, ...changes } : other)));
                const problem = wrongAt(wrong, `/exceptions/${place}`);
                return (
                    <div key={place} className="grid grid-cols-[auto_1fr_1fr_auto] items-end gap-2">
                        <label className="text-xs text-ink2">
                            {say('people.on')}
                            <DayEntry value={one.date} onChange={(day) => set({ date: day })} />
                        </label>
                        <label className="text-xs text-ink2">
                            {say('people.adds')}
                            <input
                                className="entry w-full font-mono text-xs"
                                defaultValue={(one.add ?? []).join(' ')}
                                onBlur={(event) => set({ add: ranges(event.target.value) })}
                            />
                        </label>
                        <label className="text-xs text-ink2">
                            {say('people.removes')}
                            <input
                                className="entry w-full font-mono text-xs"
                                defaultValue={(one.remove ?? []).join(' ')}
                                onBlur={(event) => set({ remove: ranges(event.target.value) })}
                            />
                        </label>
                        <Button look="quiet" onClick={() => put(exceptions.filter((_, index) => index !== place))}>
                            {say('people.take_out')}
                        </Button>
                        {problem !== undefined && <p className="col-span-4 text-xs text-brick">{problem}</p>}
                    </div>
                );
            })}
            <Button look="quiet" onClick={() => put([...exceptions, { date: today }])}>
                {say('people.another_date')}
            </Button>
            {!house && (
                <label className="flex items-center gap-2">
                    <input
                        type="checkbox"
                        checked={holidays === null}
                        onChange={(event) =>
                            onChange({ holidays: event.target.checked ? undefined : [] } as Partial<PersonDocument>)
                        }
                    />
                    {say('people.holidays_as_the_house')}
                </label>
            )}
            {holidays !== null && (
                <label className="block text-xs text-ink2">
                    {say('people.holidays')}
                    <textarea
                        className={clsx(
                            'entry w-full font-mono text-xs',
                            wrongAt(wrong, '/holidays') === undefined ? '' : 'border-brick',
                        )}
                        rows={3}
                        placeholder="2026-12-25 2026-12-26"
                        key={holidays.join(' ')}
                        defaultValue={holidays.join(' ')}
                        onBlur={(event) => onChange({ holidays: ranges(event.target.value) })}
                    />
                    {wrongAt(wrong, '/holidays')}
                </label>
            )}
        </fieldset>
    );
}
