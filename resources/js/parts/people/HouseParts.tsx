import type { HolidayCalendar, PeoplePageProps, PersonDocument } from '@props/People/PeoplePage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { CalendarHours } from './CalendarHours';
import { DatesEditor } from './DatesEditor';
import { HoursEditor } from './HoursEditor';
import { LoadMeasure } from './LoadMeasure';
import { useHouseSending, ItemDialog } from './ItemDialog';

export type Item = { list: 'teams' | 'skills'; slug: string | null; name: string; lead: string; parent: string };

/** Holidays of countries, say, which people may have in place of those of the house. */
function NamedCalendars({
    calendars,
    onChange,
}: {
    calendars: HolidayCalendar[];
    onChange: (next: HolidayCalendar[]) => void;
}) {
    const put = (place: number, changes: Partial<HolidayCalendar>): void =>
        onChange(calendars.map((one, index) => (index === place ? { ...one, ...changes } : one)));
    const free = (): string =>
        `calendar-${Math.max(0, ...calendars.map((one) => Number(/^calendar-(\d+)$/.exec(one.id)?.[1] ?? 0))) + 1}`;
    return (
        <fieldset className="space-y-2">
            <legend className="font-medium">{say('people.calendars')}</legend>
            {calendars.map((one, place) => (
                <div key={one.id} className="grid grid-cols-[1fr_2fr_auto] items-end gap-2">
                    <label className="text-xs text-ink2">
                        {say('people.name')}
                        <input
                            className="entry w-full"
                            value={one.name}
                            onChange={(event) => put(place, { name: event.target.value })}
                        />
                    </label>
                    <label className="text-xs text-ink2">
                        {say('people.holidays')}
                        <input
                            className="entry w-full font-mono text-xs"
                            placeholder="2026-12-06 2026-12-25"
                            defaultValue={one.holidays.join(' ')}
                            onBlur={(event) =>
                                put(place, { holidays: event.target.value.split(/[\s,]+/).filter((day) => day !== '') })
                            }
                        />
                    </label>
                    <Button look="quiet" onClick={() => onChange(calendars.filter((_, index) => index !== place))}>
                        {say('people.take_out')}
                    </Button>
                </div>
            ))}
            <Button look="quiet" onClick={() => onChange([...calendars, { id: free(), name: '', holidays: [] }])}>
                {say('people.new_calendar')}
            </Button>
        </fieldset>
    );
}

function HouseDialog({
    house,
    zones,
    numbers,
    onClose,
}: Pick<PeoplePageProps, 'house' | 'zones' | 'numbers'> & { onClose: () => void }) {
    const [document, setDocument] = useState<PersonDocument>(house);
    const [calendars, setCalendars] = useState<HolidayCalendar[]>(house.calendars ?? []);
    const { faults, wrong, busy, send } = useHouseSending(onClose);
    const set = (changes: Partial<PersonDocument>): void => setDocument((now) => ({ ...now, ...changes }));
    return (
        <Dialog
            open
            wide
            onOpenChange={(open) => !open && onClose()}
            title={say('people.house_hours')}
            description={say('people.house_hours_description')}
        >
            <DialogForm
                busy={busy}
                onLeave={onClose}
                onSend={() => send('PUT', '/roster/house', { ...document, calendars })}
            >
                <Labelled label={say('people.zone')}>
                    <select
                        className="entry"
                        value={document.zone ?? ''}
                        onChange={(event) => set({ zone: event.target.value })}
                    >
                        {zones.map((one) => (
                            <option key={one}>{one}</option>
                        ))}
                    </select>
                </Labelled>
                <HoursEditor document={document} wrong={wrong} house onChange={set} />
                <DatesEditor document={document} wrong={wrong} house onChange={set} />
                <CalendarHours document={document} onChange={set} />
                <LoadMeasure
                    load={document.load}
                    numbers={numbers}
                    wrong={wrong}
                    onChange={(load) => set({ load } as Partial<PersonDocument>)}
                />
                <NamedCalendars calendars={calendars} onChange={setCalendars} />
                <FaultList faults={faults} />
            </DialogForm>
        </Dialog>
    );
}

/** Teams, skills and the hours of the house, each to be changed. */
export function HouseParts({
    teams,
    skills,
    people,
    house,
    zones,
    numbers,
}: Pick<PeoplePageProps, 'teams' | 'skills' | 'people' | 'house' | 'zones' | 'numbers'>) {
    const [item, setItem] = useState<Item | null>(null);
    const [hours, setHours] = useState(false);
    const nameOf = (slug: string | null): string => people.find((one) => one.slug === slug)?.name ?? '';
    return (
        <div className="grid gap-6 px-4 py-6 md:grid-cols-2">
            <section aria-label={say('people.teams')}>
                <h2 className="flex items-baseline justify-between pb-1 font-semibold">
                    {say('people.teams')}
                    <Button
                        look="quiet"
                        onClick={() => setItem({ list: 'teams', slug: null, name: '', lead: '', parent: '' })}
                    >
                        {say('people.new_teams')}
                    </Button>
                </h2>
                <ul>
                    {teams.map((team) => (
                        <li
                            key={team.value}
                            className="flex items-baseline justify-between gap-3 border-t border-line py-1"
                        >
                            <button
                                type="button"
                                className="text-start text-sky underline"
                                onClick={() =>
                                    setItem({
                                        list: 'teams',
                                        slug: team.value,
                                        name: team.label,
                                        lead: team.lead ?? '',
                                        parent: team.parent ?? '',
                                    })
                                }
                            >
                                {team.label}
                            </button>
                            <span className="text-end text-xs text-ink2">
                                {say('screen.common.people', { count: team.members })}
                                {team.lead !== null && ` · ${say('people.led_by', { person: nameOf(team.lead) })}`}
                            </span>
                        </li>
                    ))}
                </ul>
            </section>
            <section aria-label={say('people.skills')}>
                <h2 className="flex items-baseline justify-between pb-1 font-semibold">
                    {say('people.skills')}
                    <Button
                        look="quiet"
                        onClick={() => setItem({ list: 'skills', slug: null, name: '', lead: '', parent: '' })}
                    >
                        {say('people.new_skills')}
                    </Button>
                </h2>
                <p className="flex flex-wrap gap-x-3 gap-y-1">
                    {skills.map((skill) => (
                        <button
                            key={skill.value}
                            type="button"
                            className="text-sky underline"
                            onClick={() =>
                                setItem({ list: 'skills', slug: skill.value, name: skill.label, lead: '', parent: '' })
                            }
                        >
                            {skill.label}
                        </button>
                    ))}
                </p>
                <h2 className="pt-6 pb-1 font-semibold">{say('people.house_hours')}</h2>
                <Button onClick={() => setHours(true)}>{say('people.change_house_hours')}</Button>
            </section>
            {item !== null && <ItemDialog item={item} teams={teams} people={people} onClose={() => setItem(null)} />}
            {hours && <HouseDialog house={house} zones={zones} numbers={numbers} onClose={() => setHours(false)} />}
        </div>
    );
}
