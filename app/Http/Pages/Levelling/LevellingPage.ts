import type { PersonRef } from '../PersonRef';
import type { LevellingLine, LevellingState, Measure } from './LevellingLine';
import type { LevelOptions } from './LevellingsPage';

export type LevellingProgress = {
    state: LevellingState;
    /** plans looked at, of so many at most */
    steps: number;
    budget: number;
    /** minutes late; null: not known yet */
    before: number | null;
    best: number | null;
    /** another one than before: somebody has chosen otherwise */
    mark: string;
};

export type LevelledMove = {
    /** id */
    task: string;
    number: number;
    title: string;
    due: string | null;
    from: PersonRef | null;
    to: PersonRef | null;
    /** by the plans of those people; null: not within three months */
    finishBefore: string | null;
    finishAfter: string | null;
    came: 'moved' | 'otherwise' | null;
};

export type LevelledGroup = {
    group: number;
    left: boolean;
    /** minutes late that there would be more of without it; null: it is left */
    saves: number | null;
    moves: LevelledMove[];
};

export type LevelledPerson = PersonRef & {
    /** minutes */
    lateBefore: number;
    lateAfter: number;
    /** in percent; null: without any time */
    peakBefore: number | null;
    peakAfter: number | null;
    /** when the first task is due that is late now */
    overFrom: string | null;
    tasksBefore: number;
    tasksAfter: number;
};

/** In minutes and percent, or how many. */
export type Measures = Record<Measure, number | null>;

export type LevellingPageProps = {
    levelling: LevellingLine;
    progress: LevellingProgress;
    plan: {
        before: Measures;
        after: Measures;
        /** minutes */
        bound: number;
        groups: LevelledGroup[];
        people: LevelledPerson[];
    } | null;
    /** tasks that were begun or handed on since it was taken */
    begun: number;
    options: LevelOptions;
};
