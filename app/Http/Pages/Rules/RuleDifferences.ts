import type { Rule } from './RulebookPage';

/** What is otherwise in one list of rules than in another. */
export type RuleDifferences = {
    counts: Record<'added' | 'gone' | 'changed' | 'moved', number>;
    /** the first of them */
    lines: { what: 'added' | 'gone' | 'changed' | 'moved'; id: string; before: Rule | null; after: Rule | null }[];
};
