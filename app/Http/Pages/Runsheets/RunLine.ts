import type { PersonRef } from '../PersonRef';

export type RunState = 'running' | 'finished' | 'ended' | 'cancelled';

export type RunLine = {
    id: string;
    /** of its runsheet */
    name: string;
    state: RunState;
    startedAt: string;
    overAt: string | null;
    /** null: of nothing */
    of: { href: string; number: number; title: string; customer: string | null; isCase: boolean } | null;
    /** steps that are open, or have stopped, with those in whose hands they are; unheld: nobody has its work */
    waits: { name: string; stopped: boolean; who: PersonRef[]; unheld: boolean }[];
};
