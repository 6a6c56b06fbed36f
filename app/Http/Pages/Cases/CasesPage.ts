import type { Option } from '../Rules/Vocabulary';
import type { NamedList } from '../Tasks/TasksPage';
import type { CaseLine } from './CaseLine';

export type CaseListQuery = Partial<
    Record<
        'q' | 'state' | 'track' | 'stage' | 'owner' | 'customer' | 'tag' | 'waits' | 'moved' | 'sort' | 'down',
        string
    >
>;

export type TrackChoice = Option & { stages: Option[] };

export type CasesPageProps = {
    filter: CaseListQuery;
    rows: CaseLine[];
    total: number;
    page: number;
    pages: number;
    tracks: TrackChoice[];
    people: Option[];
    /** the customer that it is narrowed to */
    of: string | null;
    /** that have a name */
    lists: NamedList[];
    /** runsheets that the viewer may start on several of them; for leads */
    sheets: Option[];
    mayOpen: boolean;
    /** Tracks are theirs to lay. */
    mayLay: boolean;
};
