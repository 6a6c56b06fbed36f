import type { PersonRef } from './PersonRef';

export type IntakeState = PersonRef & {
    paused: boolean;
    /** null: until somebody ends it */
    until: string | null;
    reason: string | null;
    /** whether whoever looks may change it */
    may: boolean;
    /** whether whoever looks may enter that they are ill today, and they are not away already */
    mayEnterIll: boolean;
};
