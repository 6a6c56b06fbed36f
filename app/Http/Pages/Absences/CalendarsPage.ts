import type { PersonRef } from '../PersonRef';

export type CalendarFault = { title: string; reason: string };

/** What a calendar would bring about, or has. */
export type CalendarTold = {
    lines: {
        what: 'create' | 'change' | 'cancel' | 'same';
        person: PersonRef;
        title: string;
        first: string | null;
        last: string | null;
        from: string | null;
        to: string | null;
    }[];
    notUnderstood: CalendarFault[];
};

export type CalendarsPageProps = {
    /** the stand-in that ships is asked, not an office */
    standIn: boolean;
    /** of the last time that it was asked; null: it was not yet */
    report: {
        at: string;
        problem: string | null;
        counts: Partial<Record<'create' | 'change' | 'cancel' | 'same', number>>;
        notUnderstood: CalendarFault[];
    } | null;
    teams: { slug: string; name: string; address: string | null }[];
};
