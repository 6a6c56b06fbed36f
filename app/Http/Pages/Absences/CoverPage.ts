import type { AbsenceLine } from './AbsencesPage';
import type { CoverCase, CoverMention, CoverPlan } from './CoverPlan';
import type { Option } from '../Rules/Vocabulary';

export type CoverPageProps = {
    /** null: nobody has asked for it */
    absence: AbsenceLine | null;
    /** what if somebody were away; null: somebody has asked */
    asked: { person: string; first: string; last: string; held: string; substitutes: string[] } | null;
    /** null: it is not said yet who, or when */
    plan: CoverPlan | null;
    /** that they own */
    cases: CoverCase[];
    named: CoverMention[];
    /** what stands against it, a sentence each */
    conflicts: string[];
    span: { from: string; to: string } | null;
    people: Option[];
    self: string | null;
    leads: boolean;
    /** what may become of the work in hand */
    policies: string[];
    maySet: boolean;
};
