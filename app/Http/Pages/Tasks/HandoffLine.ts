import type { PersonRef } from '../PersonRef';

export type HandoffLine = {
    id: string;
    at: string;
    taskId: string;
    number: number;
    title: string;
    from: PersonRef | null;
    to: PersonRef | null;
    /** others have it after it, too */
    together: boolean;
    cause:
        | 'rule'
        | 'claim'
        | 'begun'
        | 'taken_off'
        | 'hand_on'
        | 'gave_back'
        | 'given'
        | 'cover'
        | 'hand_back'
        | 'levelled';
    standsInFor: PersonRef | null;
    awayUntil: string | null;
    reason: string | null;
};
