import type { HoursPattern } from '@props/People/PeoplePage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { say } from '@/lib/words';
import { faultsOf } from '@/parts/FaultList';
import type { Props } from './HoursEditor';

type FromCalendar = {
    holidays: string[];
    hours: HoursPattern | null;
    notUnderstood: { title: string; reason: string }[];
};

/** Takes holidays, and hours that come back every week, from a calendar into what is being edited. */
export function CalendarHours({ document, onChange }: Pick<Props, 'document' | 'onChange'>) {
    const [said, setSaid] = useState<string[]>([]);
    const read = async (file: File | undefined): Promise<void> => {
        if (file === undefined) return;
        try {
            const found = await ask<FromCalendar>('POST', '/absences/calendars/hours', await file.text());
            onChange({
                ...(found.holidays.length > 0
                    ? { holidays: [...new Set([...(document.holidays ?? []), ...found.holidays])].sort() }
                    : {}),
                ...(found.hours !== null
                    ? {
                          hours: [
                              ...(document.hours ?? []).filter((one) => one.from !== found.hours?.from),
                              found.hours,
                          ],
                      }
                    : {}),
            });
            setSaid([
                say('people.from_calendar_found', { days: found.holidays.length, hours: String(found.hours !== null) }),
                ...found.notUnderstood.map((one) => `${one.title}: ${one.reason}`),
            ]);
        } catch (error) {
            setSaid(faultsOf(error));
        }
    };
    return (
        <div>
            <label className="block text-xs text-ink2">
                {say('people.from_calendar')}
                <input
                    type="file"
                    className="entry w-full"
                    accept=".ics,text/calendar"
                    onChange={(event) => void read(event.target.files?.[0])}
                />
            </label>
            {said.map((one) => (
                <p key={one} role="status" className="text-xs text-ink2">
                    {one}
                </p>
            ))}
        </div>
    );
}
