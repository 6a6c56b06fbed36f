import type { PersonRef } from '../PersonRef';

export type HandoffLine = {
    id: string;
    at: string;
    taskId: string;
    number: number;
    title: string;
    from: PersonRef | null;
    to: PersonRef | null;
    cause: 'rule' | 'claim' | 'hand_on' | 'given' | 'cover' | 'hand_back';
    standsInFor: PersonRef | null;
    awayUntil: string | null;
    reason: string | null;
};
