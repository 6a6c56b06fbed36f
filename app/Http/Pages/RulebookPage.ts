import type { Vocabulary } from './Vocabulary';

/** As in docs/formats/rulebook.schema.json; an unfinished draft may miss parts. */
export type Comparison = { field: string; op: string; value?: CriteriaValue };
export type CriteriaValue = string | number | boolean | (string | number)[];
export type Criteria = { all: Criteria[] } | { any: Criteria[] } | { none: Criteria[] } | Comparison;

export type Pool =
    | { kind: 'people'; people: string[] }
    | { kind: 'team'; team: string; with_sub_teams?: boolean; with_lead?: boolean }
    | { kind: 'skill'; skill: string; level?: number }
    | { kind: 'field'; field: string }
    | { kind: 'union'; pools: Pool[] }
    | { kind: 'except'; pool: Pool; without: Pool };

export type Method =
    | { kind: 'round_robin'; rotation: string }
    | { kind: 'lightest_load' }
    | { kind: 'in_order' }
    | { kind: 'same_person' }
    | { kind: 'open' };

export type Limit =
    | { kind: 'skill_at_least'; skill: string; level?: number }
    | { kind: 'open_tasks_at_most'; tasks: number }
    | { kind: 'load_ratio_at_most'; percent: number };

export type Otherwise =
    | { kind: 'next_rule' }
    | { kind: 'unplaced' }
    | { kind: 'person'; person: string }
    | { kind: 'open_to_team'; team: string };

export type FollowUp =
    | { kind: 'due_in'; working_time?: string; working_days?: number; hours_of?: 'house' | 'assignee' }
    | { kind: 'priority'; priority: 'low' | 'normal' | 'high' | 'urgent' }
    | { kind: 'tag'; tag: string };

export type Give = { pool: Pool; method: Method; limits?: Limit[]; otherwise?: Otherwise };

export type Rule = {
    id: string;
    name: string;
    active?: boolean;
    when: 'task_arrives'[];
    if?: Criteria;
    give?: Give;
    then?: FollowUp[];
    valid_from?: string;
    valid_until?: string;
};

/** How many of the recent tasks each rule takes, by rule id, and how many no rule takes. */
export type Strip = { total: number; taken: Record<string, number>; left: number };

export type DraftCheck = {
    faults: { pointer: string; reason: string }[];
    strip: Strip;
    changes: {
        count: number;
        moves: { from: string | null; to: string | null; count: number }[];
        examples: { taskId: string; number: number; title: string; from: string | null; to: string | null }[];
    };
};

/** The answer to saving a draft. */
export type SavedDraft = { revision: number; check: DraftCheck };

export type Version = { id: string; number: number; note: string | null; publishedAt: string | null; by: string | null };

export type RulebookPageProps = {
    vocabulary: Vocabulary;
    published: (Version & { rules: Rule[] }) | null;
    draft: { rules: Rule[]; savedBy: string | null; savedAt: string | null; check: DraftCheck } | null;
    /** Grows whenever a draft is saved, published or discarded. */
    draftRevision: number;
    strip: Strip;
    recentDays: number;
    versions: Version[];
    mayWrite: boolean;
};
