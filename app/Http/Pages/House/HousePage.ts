import type { EntryField, EntryValue } from '../Intake/NewTaskPage';
import type { FieldType, Option } from '../Rules/Vocabulary';

export type HouseField = {
    id: string;
    path: string;
    label: string;
    type: FieldType;
    options: Option[];
    retiredOptions: Option[];
    retired: boolean;
};
export type HouseKind = {
    id: string;
    slug: string;
    name: string;
    minutes: number;
    guide: string | null;
    defaults: Record<string, EntryValue>;
};
export type HouseChecklist = { id: string; slug: string; name: string; items: string[] };

export type HousePageProps = {
    fields: HouseField[];
    kinds: HouseKind[];
    checklists: HouseChecklist[];
    /** what customers read of each status: the house's own words, and the usual ones */
    customerWords: { status: string; own: string; usual: string }[];
    /** everybody of the house sees every task */
    tasksAreOpen: boolean;
    /** the fields of tasks that the house has added, as they are entered */
    entries: EntryField[];
    people: Option[];
};
