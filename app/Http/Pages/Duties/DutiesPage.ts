import type { PersonRef } from '../PersonRef';

/** A date of a duty that has come. */
export type DutyDateLine = {
    date: string;
    /** why there is no task for it, or no longer one; null: one was made */
    missed: string | null;
    task: { id: string; number: number; status: string; done: string | null; holder: PersonRef | null } | null;
};

export type DutyLine = {
    slug: string;
    name: string;
    kind: string;
    /** when, and to whom, in words */
    comes: string;
    who: string;
    /** the next date; null: none comes, or not before the open one is done */
    next: string | null;
    waits: boolean;
    last: DutyDateLine | null;
};

export type DutiesPageProps = { duties: DutyLine[]; page: number; pages: number };
