import type { AskedField, EntryField, EntryValue } from '../Intake/NewTaskPage';
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
/** What has to be there before a task of a kind is completed. */
export type Completion = { file: boolean; checklist: boolean; note: boolean; fields: string[] };

export type HouseKind = {
    id: string;
    slug: string;
    name: string;
    minutes: number;
    defaults: Record<string, EntryValue>;
    /** fields of the house that its tasks have, in their order; null: all */
    asks: AskedField[] | null;
    completion: Completion;
    /** what such tasks have really taken lately: of all first, then by value of a list */
    learned: LearnedEffort[];
};

/** In minutes: the median and the middle half of tasks with time spent, and how many had none. */
export type LearnedEffort = {
    /** the value of a list; null: of all */
    of: string | null;
    counted: number;
    without: number;
    quarter: number;
    median: number;
    threeQuarters: number;
};
export type HouseChecklist = { id: string; slug: string; name: string; items: string[] };

/** What may be on the web form. */
export type OnForm = { id: string; label: string; onForm: string | null };
export type KindOnForm = OnForm & { track: string | null };

export type HousePageProps = {
    fields: HouseField[];
    kinds: HouseKind[];
    checklists: HouseChecklist[];
    /** of the tree of places, from the top down */
    levels: Option[];
    /** the level whose places have people who answer for them */
    answering: string | null;
    /** sorts of customers */
    tiers: Option[];
    form: {
        lead: string | null;
        usualLead: string;
        customers: 'offered' | 'typed' | 'none';
        /** onForm: its words there; null: it is not on the form */
        /** track: on which a case opens with it, by slug */
        kinds: KindOnForm[];
        fields: OnForm[];
        tracks: Option[];
    };
    /** what customers read of each status: the house's own words, and the usual ones */
    customerWords: { status: string; own: string; usual: string }[];
    /** everybody of the house sees every task */
    tasksAreOpen: boolean;
    /** the fields of tasks that the house has added, as they are entered */
    entries: EntryField[];
    people: Option[];
};
