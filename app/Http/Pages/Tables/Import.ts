/** What a line of a table would do, or what is wrong with it. */
export type ImportLine = {
    line: number;
    what: 'makes' | 'changes' | 'same' | 'wrong';
    label: string;
    faults: { at: string; said: string }[];
};

/** What a table would do. */
export type ImportPreview = {
    counts: Partial<Record<ImportLine['what'], number>>;
    /** those that are wrong first */
    lines: ImportLine[];
    /** lines that are not told one by one */
    more: number;
};

/** How far a table is that is carried out. */
export type ImportProgress = {
    total: number;
    done: number;
    made: number;
    changed: number;
    faults: { line: number; said: string }[];
    ended: boolean;
};
