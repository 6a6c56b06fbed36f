import type { PersonRef } from '../PersonRef';

/** Minutes of working time of the house. */
export type Typical = { median: number; ninety: number };

export type Figures = {
    /** now */
    open: number;
    overdue: number;
    soon: number;
    unplaced: number;
    /** in the weeks that are looked at */
    arrived: number;
    done: number;
    dropped: number;
    /** done after they were due */
    late: number;
    /** until somebody began it, or did it without; null: none was done */
    touched: Typical | null;
    /** until it was done */
    took: Typical | null;
};

/** key: slug of a team or kind, or the Monday of a week; of teams empty: in none */
export type FiguresRow = Figures & { key: string; name: string };

export type FiguresView = {
    /** slug; empty: the whole house */
    team: string;
    by: 'team' | 'kind' | 'week';
    weeks: 4 | 12 | 26;
    /** days of the house */
    first: string;
    last: string;
};

export type FiguresPageProps = {
    view: FiguresView;
    /** when the weeks were counted; null: they are being so for the first time */
    at: string | null;
    all: Figures;
    rows: FiguresRow[];
    teams: PersonRef[];
};
