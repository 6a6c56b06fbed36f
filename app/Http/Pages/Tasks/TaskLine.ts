import type { PersonRef } from '../PersonRef';

export type TaskStatus = 'new' | 'working' | 'waiting' | 'in_review' | 'done' | 'dropped';
export type Priority = 'low' | 'normal' | 'high' | 'urgent';

export type TaskLine = {
    id: string;
    number: number;
    revision: number;
    title: string;
    kind: string;
    customer: string | null;
    status: TaskStatus;
    waitingFor: string | null;
    wakesAt: string | null;
    /** not to be worked on before then */
    startsAt: string | null;
    /** why somebody has put it off */
    postponedFor: string | null;
    /** whoever has it says that somebody else should do it */
    toHandOn: boolean;
    priority: Priority;
    minutesLeft: number;
    arrivedAt: string;
    dueAt: string | null;
    /** several hold it */
    together: boolean;
    completedAt: string | null;
    /** in whose place whoever has it has it, where that is told */
    coversFor: PersonRef | null;
};
