import type { TrackChoice } from './CasesPage';

/** What stands in a stage, and what passed through it in the last weeks; times are minutes of working time. */
export type StageFlow = {
    key: string;
    name: string;
    target: number | null;
    open: number;
    /** of these, longer than the target */
    late: number;
    /** as long as half of them at least; null: there are none */
    stands: number | null;
    longest: number | null;
    /** as long as half of those at least that have left it */
    stood: number | null;
    on: number;
    back: number;
    opened: number;
    closed: number;
};

export type RiverPageProps = {
    /** by its name in addresses */
    track: string;
    tracks: TrackChoice[];
    weeks: number;
    stages: StageFlow[];
    moves: { from: string; to: string; times: number }[];
};
