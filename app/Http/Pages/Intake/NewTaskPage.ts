import type { Option } from '../Rules/Vocabulary';

/** How a field of a task is entered. */
export type EntryType =
    | 'line'
    | 'long_text'
    | 'moment'
    | 'text'
    | 'number'
    | 'money'
    | 'date'
    | 'duration'
    | 'time'
    | 'yes_no'
    | 'one_of'
    | 'many_of'
    | 'tags'
    | 'person'
    | 'customer';

export type EntryField = { path: string; label: string; type: EntryType; options: Option[] };

export type EntryValue = string | number | boolean | string[] | null;

/** What is found by a part of its name; several may have one name, and are told by the note. */
export type FoundOption = Option & { note: string | null };

/** A field of the house that a kind of task asks for. */
export type AskedField = { path: string; required: boolean };

export type NewTaskPageProps = {
    kinds: (Option & {
        minutes: number;
        defaults: Record<string, EntryValue>;
        /** fields of the house that its tasks have, in their order; null: all */
        asks: AskedField[] | null;
    })[];
    fields: EntryField[];
    people: Option[];
    /** whether they mean to do it themselves; null: they are nobody of the house */
    own: boolean | null;
    /** they may bring in a table of tasks */
    manyAtOnce: boolean;
    /** that it is to belong to */
    case: { id: string; number: number; title: string; customer: Option | null } | null;
};
