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
    | 'yes_no'
    | 'one_of'
    | 'many_of'
    | 'tags'
    | 'person';

export type EntryField = { path: string; label: string; type: EntryType; options: Option[] };

export type EntryValue = string | number | boolean | string[] | null;

/** A customer who is found by a part of the name; several may have one name. */
export type FoundCustomer = Option & { place: string | null };

export type NewTaskPageProps = {
    kinds: (Option & { minutes: number; defaults: Record<string, EntryValue> })[];
    fields: EntryField[];
    people: Option[];
};
