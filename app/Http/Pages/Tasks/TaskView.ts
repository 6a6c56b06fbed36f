import type { ApprovalLine, AskedApproval } from '../Approvals/ApprovalLine';
import type { Option } from '../Rules/Vocabulary';
import type { RunLine } from '../Runsheets/RunLine';
import type { TaskReminders } from '../Reminders/RemindersPage';
import type { TaskFiles } from './TaskFiles';
import type { HandoffLine } from './HandoffLine';
import type { TaskGuide } from '../Guides/GuidesPage';
import type { MessageWay, WholeMessage } from '../Messages/OutboxPage';
import type { PersonRef } from '../PersonRef';
import type { HistoryEntry, NextMoment } from './TaskHistory';
import type { TaskLine } from './TaskLine';
import type { LinkedTask } from './TaskLinks';

/** Of the core's table of transitions. */
export type TaskActionCode =
    | 'start'
    | 'wait'
    | 'ask_review'
    | 'take_back'
    | 'send_back'
    | 'approve'
    | 'complete'
    | 'reopen'
    | 'hand_on'
    | 'hand_review'
    | 'claim'
    | 'take_off'
    | 'give_back'
    | 'postpone'
    | 'take_up'
    | 'to_hand_on'
    | 'keep'
    | 'drop';

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
    | 'acted_already'
    | 'not_reached';

export type EffectsOfRule = { rule: string | null; said: string[] };

/** Why somebody has it, or nobody: by a decision, or in words by whoever did it. */
export type Reason = { seat: 'holder' | 'reviewer'; title: string; said: string | null; trail: Trail | null };

export type Trail = {
    at: string;
    version: string;
    /** by how much a timer came late; null: it was none, or in time */
    late: string | null;
    seat: 'holder' | 'reviewer' | 'owner';
    outcome: 'assigned' | 'kept' | 'open' | 'unplaced';
    rule: { id: string; name: string } | null;
    pick: PersonRef | null;
    heldWith: PersonRef[];
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
    /** by the rules that brought them about; null: it is not known which */
    effects: EffectsOfRule[];
    verdicts: { rule: string; name: string; verdict: Verdict; sentence: string }[];
};

export type TaskView = TaskLine & {
    description: string | null;
    kindSlug: string;
    /** needed: for the stage of it in which the task was made */
    case: { id: string; number: number; title: string; stage: string; needed: boolean } | null;
    /** what is to be answered by it; null: it is no answer */
    asked: AskedApproval | null;
    approvals: ApprovalLine[];
    runs: RunLine[];
    /** runsheets that whoever looks may start on it */
    sheets: Option[];
    /** how it is done, as it stands now */
    guides: TaskGuide[];
    contact: string | null;
    place: string | null;
    source: string;
    /** that it is one of; slug: where whoever looks may change it */
    duty: { name: string; slug: string | null } | null;
    /** the step of a run that it is; id: where whoever looks may see that */
    step: { name: string; runsheet: string; run: string | null } | null;
    /** the rollout that it is one of; id: where whoever looks may see that */
    rollout: { name: string; id: string | null } | null;
    /** whether whoever looks may have a task like it come back */
    mayRepeat: boolean;
    facts: { label: string; value: string }[];
    tags: string[];
    estimateMinutes: number;
    spentMinutes: number;
    /** it has taken longer than nine of ten of its kind */
    isLong: boolean;
    /** since when whoever looks counts their time on it; null: they do not */
    countedSince: string | null;
    toHandOnNote: string | null;
    startedAt: string | null;
    outcomeNote: string | null;
    assignee: PersonRef | null;
    /** who holds it together with the assignee */
    heldWith: PersonRef[];
    doTogether: boolean;
    claimants: PersonRef[];
    revision: number;
    may: Record<TaskActionCode | 'edit', boolean>;
    handoffs: HandoffLine[];
    reviewer: PersonRef | null;
    /** in whose place it is held or reviewed, and until when they are away */
    covers: { seat: 'holder' | 'reviewer'; for: PersonRef | null; until: string | null }[];
    links: LinkedTask[];
    checklist: { text: string; done: boolean }[];
    files: TaskFiles;
    /** about it, that whoever looks may see: what still waits, then the latest */
    messages: WholeMessage[];
    /** by which whoever looks may write messages about it, of how many characters; none: they may not */
    writing: MessageWay[];
    /** null: whoever looks is nobody who is reminded */
    reminders: TaskReminders | null;
    mayAttach: boolean;
    watchers: PersonRef[];
    /** whether whoever looks watches it; null: they can't */
    watching: boolean | null;
    reasons: Reason[];
    /** may ask why it is not with somebody else */
    asksWhy: boolean;
    history: HistoryEntry[];
    /** the moment before which more has happened; null: that is all */
    earlier: string | null;
    /** what is still needed before it is completed, in words */
    missing: string[];
    /** a word is needed when it is completed */
    asksNote: boolean;
    next: NextMoment[];
    /** that rules put on it */
    buttons: { rule: string; label: string }[];
};
