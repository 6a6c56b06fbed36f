import type { PersonRef } from '../PersonRef';
import type { Presence } from './Presence';
import type { EntryField, EntryValue } from '../Intake/NewTaskPage';
import type { Option } from '../Rules/Vocabulary';

export type PersonLine = PersonRef & {
    teams: string[];
    skills: { name: string; level: number }[];
    zone: string;
    state: Presence;
    from: string | null;
    until: string | null;
};

/** Hours of a weekday, such as 09:00-17:30. */
export type WeekHours = Partial<Record<'mon' | 'tue' | 'wed' | 'thu' | 'fri' | 'sat' | 'sun', string[]>>;

export type HoursPattern = WeekHours & { from: string; then?: WeekHours[] };

/** As in a roster document, without the id. */
export type PersonDocument = {
    name?: string;
    email?: string;
    phone?: string;
    zone?: string;
    hours?: HoursPattern[];
    holidays?: string[];
    /** one of the house's calendars, in place of those of the house */
    calendar?: string;
    exceptions?: { date: string; add?: string[]; remove?: string[] }[];
    /** amount: of tasks, or of the field by which load is measured */
    capacity?: { percent?: number; minutes_a_day?: number; amount_a_day?: number };
    /** of the house: in what load is measured; missing: in minutes. Without a field in tasks */
    load?: { field?: string; a_day: number; where_empty?: number };
    open_tasks_at_most?: number;
    skills?: Record<string, number>;
    attributes?: string[];
    /** of the house, by path */
    fields?: Record<string, EntryValue>;
    /** slug */
    place?: string;
    active?: boolean;
    from?: string;
    until?: string;
    intake_paused_until?: string;
};

/** weight of their turns in percent; first and last day in it */
export type TeamMembership = { weight: number; from?: string; until?: string };

export type HolidayCalendar = { id: string; name: string; holidays: string[] };

export type PeoplePageProps = {
    people: PersonLine[];
    teams: (Option & { lead: string | null; parent: string | null; members: number })[];
    /** when the house works, as in a roster document */
    house: Pick<PersonDocument, 'zone' | 'hours' | 'holidays' | 'exceptions' | 'load'> & {
        calendars?: HolidayCalendar[];
    };
    skills: Option[];
    /** number fields of tasks, by which load may be measured */
    numbers: Option[];
    /** that the house keeps of people */
    fields: EntryField[];
    zones: string[];
    houseZone: string;
    /** who is changed; slug null: somebody new. teams: what they are in each, by team. place: where they work */
    person: {
        slug: string | null;
        document: PersonDocument;
        teams: Record<string, TeamMembership>;
        place: string | null;
    } | null;
};
