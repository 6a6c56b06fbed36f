import type { PersonRef } from './PersonRef';
import type { Option } from './Vocabulary';

export type AbsenceLine = {
    id: string;
    person: PersonRef | null;
    from: string;
    to: string;
    /** of whole days in the zone of the person; else null */
    first: string | null;
    last: string | null;
    state: 'asked' | 'declined' | 'cancelled' | 'over' | 'running' | 'coming';
    /** null: not for whoever looks to know, as are note and word */
    kind: string | null;
    note: string | null;
    /** with which it was approved or declined */
    word: string | null;
    substitutes: PersonRef[];
    /** what stands against it, a sentence each */
    conflicts: string[];
    may: { decide: boolean; end: boolean };
};

export type AbsencesPageProps = {
    absences: AbsenceLine[];
    people: Option[];
    kinds: string[];
    /** who looks, where they are somebody of the house */
    self: string | null;
    leads: boolean;
};
