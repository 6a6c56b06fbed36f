import type { PersonRef } from '../PersonRef';
import type { Option } from '../Rules/Vocabulary';
import type { TaskLine } from './TaskLine';

/** Members of the address of a list; what is as usual is not there. */
export type TaskListQuery = Partial<
    Record<
        | 'q'
        | 'status'
        | 'kind'
        | 'holder'
        | 'team'
        | 'customer'
        | 'priority'
        | 'due'
        | 'dates'
        | 'from'
        | 'to'
        | 'tag'
        | 'sort'
        | 'down'
        | 'group'
        | 'cols',
        string
    >
>;

export type ListedTask = TaskLine & {
    holder: PersonRef | null;
    heldWith: PersonRef[];
    tags: string[];
    /** values of fields of the house that are shown, by path */
    facts: Record<string, string>;
    /** the group that it is in */
    group: string | null;
};

export type NamedList = {
    id: string;
    name: string;
    /** what stands in its address */
    query: Record<string, string>;
    shared: boolean;
    own: boolean;
    by: string;
};

export type TasksPageProps = {
    filter: TaskListQuery;
    /** the list in words */
    said: string;
    rows: ListedTask[];
    total: number;
    page: number;
    pages: number;
    groups: { key: string; label: string; count: number }[];
    options: Record<'status' | 'kind' | 'holder' | 'team' | 'priority' | 'due' | 'dates', Option[]>;
    /** fields of the house that may be shown */
    columns: Option[];
    lists: NamedList[];
    /** runsheets that the viewer may start on several of them; for leads */
    sheets: Option[];
};
