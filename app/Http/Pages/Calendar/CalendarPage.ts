import type { LaneHours } from '../Floor/FloorPage';
import type { PersonRef } from '../PersonRef';
import type { TaskLine } from '../Tasks/TaskLine';
import type { TaskView } from '../Tasks/TaskView';

export type CalendarView = {
    by: 'day' | 'week' | 'month';
    date: string;
    /** whose work it is */
    kind: 'person' | 'team' | 'all';
    /** empty: everybody */
    slug: string;
    name: string;
    /** of the lanes */
    page: number;
    pages: number;
    /** dates of what comes before and after */
    earlier: string;
    later: string;
};

export type DueLine = { id: string; number: number; title: string; at: string | null; late: boolean };

export type CalendarCell = {
    date: string;
    /** of the person; of several, of the house */
    state: 'works' | 'off' | 'holiday' | 'part' | 'away';
    due: number;
    /** of these, past due now */
    late: number;
    done: number;
    first: DueLine[];
    /** the first of those who are away */
    away: PersonRef[];
    awayInAll: number;
    /** minutes; null: the day is over or far ahead, or it is not shown */
    capacity: number | null;
    planned: number | null;
};

export type CalendarRow = CalendarCell & {
    person: PersonRef;
    /** midnight of the day in the house */
    begin: string;
    hours: LaneHours;
};

export type CalendarPageProps = {
    view: CalendarView;
    /** off: the house does not work */
    dates: { date: string; off: boolean; holiday: boolean }[];
    today: string;
    /** of a month; null: it is not shown by month */
    weeks: CalendarCell[][] | null;
    /** of a week of several */
    lanes: { person: PersonRef; cells: CalendarCell[] }[] | null;
    /** of one day, or of a week of one person: hours of the house from and to */
    hours: { axis: { from: number; to: number }; rows: CalendarRow[] } | null;
    /** the day that is open beside it */
    shown: {
        date: string;
        off: boolean;
        due: (TaskLine & { holder: PersonRef | null })[];
        done: (TaskLine & { holder: PersonRef | null })[];
        /** as many of each as there are at most */
        most: number;
        away: PersonRef[];
    } | null;
    choices: { own: string | null; teams: PersonRef[] };
    /** the secret address of this work; address null: there is none yet; null: not theirs to have */
    feed: { address: string | null; team: string | null } | null;
    task: TaskView | null;
};
