import type { PersonRef } from '../PersonRef';
import type { RunLine } from './RunLine';
import type { SheetLine } from './SheetOutline';

export type StepState = 'not_reached' | 'open' | 'done' | 'skipped' | 'dropped' | 'stopped';

export type StepDeed = 'again' | 'without' | 'back';

export type RunStepLine = SheetLine & {
    state: StepState;
    round: number;
    /** why it is not, or not simply, done; a StepWhy of the core */
    why: string | null;
    /** of an approval; an ApprovalOutcome of the core */
    answer: string | null;
    /** when it was settled, or else reached */
    at: string | null;
    /** until when it waits, as far as that is known */
    wakesAt: string | null;
    /** when it is expected to begin, of what is still to come */
    expected: string | null;
    who: PersonRef[];
    task: { id: string; number: number } | null;
    /** whether a delay of it delays the end */
    critical: boolean;
    can: StepDeed[];
};

export type RunPageProps = {
    run: RunLine & {
        revision: number;
        version: number;
        startedBy: string | null;
        byRule: boolean;
        /** when it is expected to be over */
        endsAt: string | null;
        /** whether whoever looks may change how it goes */
        steers: boolean;
    };
    lines: RunStepLine[];
};
