export type TrackStage = {
    key: string;
    name: string;
    /** minutes of working time; null: none is set */
    target: number | null;
    retired: boolean;
    enter: string[];
    leave: string[];
    movers: string;
};

export type TrackView = {
    id: string;
    slug: string;
    name: string;
    revision: number;
    hasDraft: boolean;
    published: { number: number; at: string; by: string | null } | null;
    stages: TrackStage[];
    outcomes: string[];
    ownerTakesTasks: boolean;
    /** how many cases are open on it */
    open: number;
};

export type TracksPageProps = { tracks: TrackView[] };
