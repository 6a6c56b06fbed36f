import { useSending } from '@/lib/useSending';
import type { HoursPattern } from '@props/People/PeoplePage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { say } from '@/lib/words';
import type { Props } from './HoursEditor';

type FromCalendar = {
    holidays: string[];
    hours: HoursPattern | null;
    notUnderstood: { title: string; reason: string }[];
};

/** Takes holidays, and hours that come back every week, from a calendar into what is being edited. */
export function CalendarHours({ document, onChange }: Pick<Props, 'document' | 'onChange'>) {
    const [found, setFound] = useState<string[]>([]);
    const { faults, send } = useSending();
    const said = faults.length > 0 ? faults : found;
    const read = (file: File | undefined): void => {
        if (file === undefined) return;
        void send(async () => {
            const taken = await ask<FromCalendar>('POST', '/absences/calendars/hours', await file.text());
            onChange({
                ...(taken.holidays.length > 0
                    ? { holidays: [...new Set([...(document.holidays ?? []), ...taken.holidays])].sort() }
                    : {}),
                ...(taken.hours !== null
                    ? {
                          hours: [
                              ...(document.hours ?? []).filter((one) => one.from !== taken.hours?.from),
                              taken.hours,
                          ],
                      }
                    : {}),
            });
            setFound([
                say('people.from_calendar_found', { days: taken.holidays.length, hours: String(taken.hours !== null) }),
                ...taken.notUnderstood.map((one) => `${one.title}: ${one.reason}`),
            ]);
        });
    };
    return (
        <div>
            <label className="block text-xs text-ink2">
                {say('people.from_calendar')}
                <input
                    type="file"
                    className="entry w-full"
                    accept=".ics,text/calendar"
                    onChange={(event) => read(event.target.files?.[0])}
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
