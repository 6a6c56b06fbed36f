import type { Choosable } from '@/lib/people';
import type { Trail } from '../Tasks/TaskView';

/** What became of criteria: of a group with its parts, of a comparison with the value that it saw. */
export type CriteriaTree =
    | { kind: 'all' | 'any' | 'none'; holds: boolean; parts: CriteriaTree[] }
    | { kind: null; holds: boolean; asks: string; seen: string };

/** Why somebody gets it or not, of one rule; needs: what would have to be different. */
export type Answer = { rule: string | null; said: string; needs: string | null };

export type WhySide = {
    code: 'published' | 'draft' | 'then';
    version: string;
    /** null: there is no such rule */
    trail: Trail | null;
    /** of the rule that is asked about */
    criteria: CriteriaTree | null;
    /** what it waits for, where that is not that a task arrives */
    waits: string | null;
    /** the rule above it that decides */
    before: string | null;
    /** about the person who is asked about */
    answers: Answer[] | null;
};

export type WhyPageProps = {
    task: { id: string; number: number; title: string; kind: string } | null;
    /** one that is made up, where it is about none that there is; document: as other systems would send it */
    made: { title: string; kind: string; document: string } | null;
    rule: string | null;
    person: string | null;
    rules: Choosable[];
    people: Choosable[];
    sides: WhySide[];
};
