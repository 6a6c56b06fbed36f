import type { Vocabulary } from './Vocabulary';

/** Criteria as in docs/formats/rulebook.schema.json; an unfinished draft may miss values. */
export type Comparison = { field: string; op: string; value?: CriteriaValue };
/** Another field of the type, or a day seen from now, in the place of a value. */
export type Varying = { field: string } | { now: string };
export type CriteriaValue = string | number | boolean | (string | number)[] | Varying;
export type Criteria = { all: Criteria[] } | { any: Criteria[] } | { none: Criteria[] } | Comparison;

/** A part of a rule while it is being written: which parameters it has says its kind. */
export type Part = { kind: string; [parameter: string]: unknown };

export type Give = {
    seat?: 'holder' | 'reviewer' | 'owner';
    anew?: boolean;
    substitutes?: boolean;
    pool?: Part;
    method?: Part;
    limits?: Part[];
    otherwise?: Part;
};

/** A rule while it is being written. What is published is a Rule of resources/js/generated/rulebook.ts. */
export type Rule = {
    id: string;
    name: string;
    /** of the group of rules that begins with it */
    heading?: string;
    /** why it is as it is */
    note?: string;
    active?: boolean;
    when: Part[];
    if?: Criteria;
    give?: Give;
    then?: Part[];
    valid_from?: string;
    valid_until?: string;
};

/** A rule, and the hash of its text. A draft may have been written by a program: nothing is known of its shape. */
export type KnownRule = { id: string; hash: string; rule: unknown };

/** `member`: the name of what is still to be chosen, or of what is wrong */
export type Fault = { pointer: string; member: string; reason: string; unfinished: boolean };

/** How many of the recent tasks each rule takes, by rule id, and how many no rule takes. */
export type Strip = {
    /** arrivals, and by which rule they go */
    total: number;
    taken: Record<string, number>;
    left: number;
    /** how often a rule acts on anything that happened, arrivals and all else */
    acts: Record<string, number>;
    /** rules of whose times some follow from dates as they are now, since nobody has recorded them */
    estimated: string[];
};

/** What rules take of the recent work, as far as it is worked out. */
export type Coverage = {
    done: number;
    total: number;
    finished: boolean;
    strip: Strip;
    /** what goes by another rule than now; null of the rules in force */
    changes: {
        count: number;
        moves: { from: string | null; to: string | null; count: number }[];
        examples: { taskId: string; number: number; title: string }[];
    } | null;
};

/** The answer to saving a draft. */
export type SavedDraft = {
    revision: number;
    faults: Fault[];
    /** of the rules that came whole, by id */
    hashes: Record<string, string>;
};

export type Version = {
    id: string;
    number: number;
    note: string | null;
    publishedAt: string | null;
    by: string | null;
};

/** Published by itself at a time; fault: why it could not be, when that had come. */
export type Planned = { at: string; by: string | null; note: string | null; fault: string | null };

export type RulebookPageProps = {
    planned: Planned | null;
    vocabulary: Vocabulary;
    published: Version | null;
    draft: { id: string; savedBy: string | null; savedAt: string | null; faults: Fault[] } | null;
    /** id and hash of each, of the draft, and else of those in force; not sent again while the revision is the same */
    rules: [string, string][];
    /** what is at the top of them; the others are asked for as they come into view */
    firstRules: KnownRule[];
    /** Grows whenever a draft is saved, published or discarded. */
    draftRevision: number;
    recentDays: number;
    versions: Version[];
    mayWrite: boolean;
};
