import type { HandoffLine } from './HandoffLine';
import type { IntakeState } from '../IntakeState';
import type { PersonRef } from '../PersonRef';
import type { Presence } from '../People/Presence';
import type { TaskLine } from './TaskLine';
import type { TaskView } from './TaskView';

export type LaneDay = {
    date: string;
    state: 'works' | 'off' | 'away';
    /** minutes, as are planned and late */
    capacity: number;
    planned: number;
    late: number;
};

export type Lane = PersonRef & {
    state: Presence;
    awayUntil: string | null;
    substitutes: PersonRef[];
    openTasks: number;
    late: number;
    /** of the next five working days; null: no working time in them */
    loadPercent: number | null;
    days: LaneDay[];
};

export type FloorTeam = {
    slug: string;
    name: string;
    above: string | null;
    /** how many are in now, and have open between them */
    present: number;
    openTasks: number;
    people: (PersonRef & { lead: boolean })[];
};

export type FloorPageProps = {
    days: string[];
    now: string;
    teams: FloorTeam[];
    /** minutes: the capacity of the fullest day, the measure of all */
    full: number;
    /** of the first, or of those that were asked for */
    lanes: Lane[];
    unplaced: TaskLine[];
    open: number;
    /** in review, with nobody to review them */
    reviews: TaskLine[];
    /** somebody else should do them, as those who hold them say */
    toHandOn: (TaskLine & { holder: PersonRef | null; note: string | null })[];
    /** rules that went round, or failed, for the lead to look at */
    cuts: { id: string; at: string; said: string; what: string; rules: string[]; taskId: string; number: number }[];
    handoffs: HandoffLine[];
    /** how many tasks somebody has in place of whoever is away, by slug */
    covers: { for: string; by: string; count: number }[];
    task: TaskView | null;
    person: { lane: PersonRef; intake: IntakeState; tasks: TaskLine[] } | null;
};
