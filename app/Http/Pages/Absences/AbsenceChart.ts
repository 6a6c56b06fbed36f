import type { PersonRef } from '../PersonRef';
import type { Option } from '../Rules/Vocabulary';

export type AbsenceStretch = {
    id: string;
    /** days from the left of the chart, with parts of days */
    from: number;
    to: number;
    first: string;
    last: string;
    /** it is not approved yet */
    asked: boolean;
    substitutes: string[];
    /** whether whoever looks may see its cover plan */
    plan: boolean;
};

export type StrengthDay = {
    there: number;
    /** if all that is asked for were approved */
    ifApproved: number;
    /** nobody of them works on that day anyway */
    off: boolean;
    below: boolean;
    wouldBeBelow: boolean;
};

export type AbsenceChart = {
    /** the Monday that it begins with */
    from: string;
    weeks: number;
    /** whose members have a lane each; empty: everybody who is away */
    team: string;
    teams: Option[];
    days: { date: string; off: boolean }[];
    lanes: (PersonRef & { stretches: AbsenceStretch[] })[];
    strength: { of: 'team' | 'skill'; slug: string; name: string; minimum: number | null; days: StrengthDay[] }[];
};
