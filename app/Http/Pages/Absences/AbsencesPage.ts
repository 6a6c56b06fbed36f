import type { AbsenceChart } from './AbsenceChart';
import type { PersonRef } from '../PersonRef';
import type { Criteria } from '../Rules/RulebookPage';
import type { Option, Vocabulary } from '../Rules/Vocabulary';

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
    /** only: criteria of the work that they stand in for; null: all */
    substitutes: (PersonRef & { only: Criteria | null })[];
    /** what stands against it, a sentence each */
    conflicts: string[];
    held: string;
    handBack: string;
    /** what is held has passed */
    handedOver: boolean;
    may: { decide: boolean; end: boolean; plan: boolean; change: boolean; handOver: boolean };
};

export type AbsencesPageProps = {
    absences: AbsenceLine[];
    chart: AbsenceChart;
    /** teams and skills of which a minimum can be set, as "team:slug" or "skill:slug"; empty for members */
    groups: (Option & { minimum: number | null })[];
    people: Option[];
    kinds: string[];
    heldPolicies: string[];
    handBackPolicies: string[];
    vocabulary: Vocabulary;
    /** who looks, where they are somebody of the house */
    self: string | null;
    leads: boolean;
};
