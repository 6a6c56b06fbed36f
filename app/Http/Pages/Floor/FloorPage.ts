import type { HandoffLine } from '../Tasks/HandoffLine';
import type { IntakeState } from '../IntakeState';
import type { LevelOptions } from '../Levelling/LevellingsPage';
import type { PersonRef } from '../PersonRef';
import type { Presence } from '../People/Presence';
import type { Option } from '../Rules/Vocabulary';
import type { TaskLine } from '../Tasks/TaskLine';
import type { TaskView } from '../Tasks/TaskView';

export type FloorView = {
    /** that are shown; 0: one day, by hours */
    weeks: 0 | 1 | 2 | 4;
    group: 'team' | 'skill' | 'place' | 'none';
    sort: 'usual' | 'load' | 'room' | 'over' | 'late';
    only: 'room' | 'over' | 'late' | 'away' | null;
    /** slugs */
    team: string | null;
    skill: string | null;
    place: string | null;
};

export type LaneDay = {
    date: string;
    state: 'works' | 'off' | 'away';
    /** minutes, as are planned and late */
    capacity: number;
    planned: number;
    late: number;
};

/** One day by hours: when somebody is there, and what the plan has them do when. */
export type LaneHours = {
    there: { from: string; to: string }[];
    blocks: { from: string; to: string; id: string; number: number; title: string; late: boolean }[];
};

export type Lane = PersonRef & {
    state: Presence;
    awayUntil: string | null;
    substitutes: PersonRef[];
    openTasks: number;
    /** past due now, and those that can't be in time as planned */
    late: number;
    tooLate: number;
    /** minutes of the latter that are done too late, and minutes of the days shown in which there is nothing to do */
    over: number;
    free: number;
    /** of the days shown; null: no working time in them */
    loadPercent: number | null;
    /** minutes past due, and planned before the first day that is shown */
    before: { behind: number; planned: number };
    days: LaneDay[];
    /** null: days are shown */
    hours: LaneHours | null;
};

export type FloorTeam = {
    /** of the team, skill or place */
    slug: string;
    name: string;
    above: string | null;
    /** how many are in now, and have open between them */
    present: number;
    openTasks: number;
    people: (PersonRef & { lead: boolean })[];
};

/** Minutes by person, the most first; from: since when, or until when. */
export type Answer<More> = { count: number; people: (PersonRef & More)[] };

export type TooLateTask = TaskLine & {
    holder: PersonRef;
    /** null: not within three months */
    finishAt: string | null;
    /** minutes */
    lateBy: number | null;
    /** who could have it done sooner; null: nobody, or it was not worked out */
    help: (PersonRef & { finishAt: string; inTime: boolean }) | null;
};

export type FloorAnswers = {
    room: Answer<{ minutes: number }>;
    over: Answer<{ minutes: number; from: string | null }>;
    late: { overdue: number; tooLate: number; worst: TooLateTask[] };
    away: Answer<{ until: string | null }>;
    unplaced: number;
};

export type UnplacedTask = TaskLine & {
    since: string;
    /** null: it was not worked out */
    help: {
        /** the rule that comes nearest; null: none holds for such a task */
        rule: string | null;
        ruleId: string | null;
        inPool: number;
        /** how many of them are kept from it, by the code of the reason */
        kept: { reason: string; count: number }[];
        /** when the first of those who are away is back */
        backAt: string | null;
    } | null;
};

/** What a lane would become with the tasks that are to be given. */
export type GiveLine = {
    slug: string;
    /** has all of them already */
    holds: boolean;
    /** takes new work at all */
    may: boolean;
    /** what stands against it, in words */
    against: string[];
    awayUntil: string | null;
    /** when the last of them would be done; null: not within three months */
    finishAt: string | null;
    /** how many of them may still be in time, how many of those would not be, and how many others more than now */
    dated: number;
    late: number;
    othersLate: number;
    /** in percent; null: no working time */
    loadBefore: number | null;
    loadAfter: number | null;
};

export type FloorChoices = { teams: PersonRef[]; skills: PersonRef[]; places: PersonRef[] };

export type FloorPageProps = {
    view: FloorView;
    days: string[];
    /** whether the first of the days is under way; otherwise the house is closed for today */
    isToday: boolean;
    /** of one day by hours: from when to when */
    axis: { from: string; to: string } | null;
    now: string;
    teams: FloorTeam[];
    /** of the first, or of those that were asked for */
    lanes: Lane[];
    /** null: in a large house they are asked for once the page is there */
    answers: FloorAnswers | null;
    tooLate: TooLateTask[];
    unplaced: UnplacedTask[];
    open: number;
    /** in review, with nobody to review them */
    reviews: TaskLine[];
    /** somebody else should do them, as those who hold them say */
    toHandOn: (TaskLine & { holder: PersonRef | null; note: string | null })[];
    /** rules that went round, or failed, for the lead to look at */
    /** one of task, case and customer at the most; none: it was of the house itself */
    cuts: {
        id: string;
        at: string;
        said: string;
        what: string;
        rules: string[];
        taskId: string | null;
        caseId: string | null;
        number: number;
        customer: Option | null;
    }[];
    handoffs: HandoffLine[];
    /** how many tasks somebody has in place of whoever is away, by slug */
    covers: { for: string; by: string; count: number }[];
    choices: FloorChoices;
    levelling: LevelOptions;
    task: TaskView | null;
    person: {
        lane: PersonRef;
        intake: IntakeState;
        tasks: TaskLine[];
        /** when each is done as planned, by id */
        finishes: Record<string, string>;
        /** of the day that is looked at, what is done when */
        day: { date: string; blocks: { id: string; number: number; title: string; from: string; to: string }[] } | null;
    } | null;
};
