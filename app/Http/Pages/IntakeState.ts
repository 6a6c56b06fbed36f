import type { PersonRef } from './PersonRef';

export type IntakeState = PersonRef & {
    paused: boolean;
    /** null: until somebody ends it */
    until: string | null;
    reason: string | null;
    /** whether whoever looks may change it */
    may: boolean;
};
