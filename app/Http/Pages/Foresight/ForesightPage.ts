import type { PersonRef } from '../PersonRef';

/** All in minutes. */
export type ForecastDay = {
    date: string;
    capacity: number;
    /** what of it would be gone if absences that are asked for were approved */
    asked: number;
    /** due on it */
    known: number;
    /** usually comes in and is due on it; null: too little is known */
    inflow: number | null;
    /** left undone at its end, and what may be */
    backlog: number;
    may: number;
};

export type ForecastGroup = {
    /** "house", "team:…" or "skill:…" */
    about: string;
    kind: 'house' | 'team' | 'skill';
    name: string;
    /** the first day on which something is left undone, and may be; null: none */
    tips: string | null;
    may: string | null;
    /** minutes */
    worst: number;
    backlogs: number[];
};

export type ForesightPageProps = {
    groups: ForecastGroup[];
    shown: {
        about: string;
        days: ForecastDay[];
        /** where it tips over */
        help: { minutes: number; absences: (PersonRef & { asked: boolean; minutes: number })[] } | null;
    } | null;
    /** when it was worked out; null: it is being worked out for the first time */
    at: string | null;
};
