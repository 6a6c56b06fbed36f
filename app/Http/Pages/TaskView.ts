import type { HandoffLine } from './HandoffLine';
import type { PersonRef } from './PersonRef';
import type { TaskLine } from './TaskLine';

export type TrailStep = {
    code: string;
    count: number;
    label: string;
    kept: PersonRef[];
    fallen: (PersonRef & { reason: string })[];
};

export type Verdict =
    | 'paused'
    | 'not_in_force'
    | 'not_this_event'
    | 'criterion_failed'
    | 'nobody_eligible'
    | 'followed_up'
    | 'decided'
    | 'not_reached';

export type Trail = {
    at: string;
    version: string;
    outcome: 'assigned' | 'kept' | 'open' | 'unplaced';
    rule: { id: string; name: string } | null;
    pick: PersonRef | null;
    summary: string;
    /** how many people there were in all */
    house: number;
    steps: TrailStep[];
    method: { code: string; label: string; candidates: (PersonRef & { figures: string; picked: boolean })[] } | null;
    cover: {
        for: PersonRef | null;
        person: PersonRef | null;
        byLead: boolean;
        circle: boolean;
        asked: (PersonRef & { reason: string })[];
    } | null;
    otherwise: string | null;
    openTo: PersonRef[];
    effects: string[];
    verdicts: { rule: string; name: string; verdict: Verdict; sentence: string }[];
};

export type TaskView = TaskLine & {
    description: string | null;
    guide: string | null;
    contact: string | null;
    place: string | null;
    source: string;
    facts: { label: string; value: string }[];
    tags: string[];
    estimateMinutes: number;
    spentMinutes: number;
    startedAt: string | null;
    outcomeNote: string | null;
    assignee: PersonRef | null;
    claimants: PersonRef[];
    revision: number;
    may: { start: boolean; complete: boolean; reopen: boolean; handOn: boolean; claim: boolean };
    people: (PersonRef & { note: string })[];
    handoffs: HandoffLine[];
    trail: Trail | null;
};
