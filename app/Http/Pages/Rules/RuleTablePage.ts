import type { RulebookPageProps } from './RulebookPage';

/** A value of the rules, by its pointer into their documents. */
export type RuleColumn = { pointer: string; label: string };

export type RuleTablePageProps = RulebookPageProps & {
    table: {
        /** one of them */
        rule: string;
        /** those that stand together and are alike, in order */
        ids: string[];
        /** those that are alike and stand elsewhere */
        elsewhere: string[];
        columns: RuleColumn[];
    };
};

/** The answer to a table that is read: a row for each of its lines. */
export type ReadRow = { name: string | null; values: Record<string, unknown> };

/** A table of the rulebook, by its first rule. */
export type RuleTableLine = { rule: string; name: string; rows: number };
