import type { Give } from '../Rules/RulebookPage';
import type { Option, Vocabulary } from '../Rules/Vocabulary';
import type { DutyDateLine } from './DutiesPage';

export type DutyTask = {
    kind?: string;
    title?: string;
    details?: string;
    estimate?: string;
    checklist?: string;
    customer?: string;
    tags?: string[];
};

/** As docs/formats/duty.schema.json has it, while it is written perhaps less. */
export type DutyDocument = {
    openbaton: string;
    id: string;
    name: string;
    task: DutyTask;
    give?: Give;
    comes: { rule?: string; after_last?: string; from?: string };
    appears?: string;
    due?: string;
    off_day: string;
    still_open: string;
    catch_up: string;
    pause?: { from?: string; to?: string };
    until?: string;
    count?: number;
};

export type DutyEditorPageProps = {
    /** null: a new one */
    duty: { slug: string; name: string; revision: number } | null;
    document: DutyDocument | null;
    /** that a new one is to make: like a task that is there */
    task: DutyTask | null;
    /** for whom it is, by name */
    customer: string | null;
    vocabulary: Vocabulary;
    /** what its texts can say of its date, besides what rules can */
    fields: Option[];
    /** those that have come, the latest first */
    dates: DutyDateLine[];
};
