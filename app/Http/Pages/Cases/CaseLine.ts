import type { PersonRef } from '../PersonRef';

export type CaseLine = {
    id: string;
    number: number;
    title: string;
    track: string;
    stage: string;
    /** when it came into that stage */
    since: string;
    /** longer there than it should be */
    late: boolean;
    customer: string | null;
    owner: PersonRef | null;
    /** as it is called; null: it is open */
    outcome: string | null;
    openNeeded: number;
    /** a rule would have had it move and could not */
    refused: boolean;
    openedAt: string;
    closedAt: string | null;
    tags: string[];
};
