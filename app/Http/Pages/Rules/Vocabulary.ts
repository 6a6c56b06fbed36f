import type { Control } from './Control';

/** retired: known where it is in use, and no longer offered */
export type Option = { value: string; label: string; retired?: true };

export type FieldType =
    'text' | 'number' | 'money' | 'date' | 'duration' | 'time' | 'yes_no' | 'one_of' | 'many_of' | 'tags' | 'person';

/** settable: the house has added it, so that its value can be set as such. retired: it is no longer offered. */
export type FieldInfo = {
    path: string;
    label: string;
    type: FieldType;
    settable: boolean;
    retired: boolean;
    options: Option[];
};

export type OperatorInfo = {
    code: string;
    shape: 'nothing' | 'one' | 'several' | 'pair' | 'from_to' | 'days' | 'field' | 'team';
    types: FieldType[];
    /** it asks what was before */
    history: boolean;
};

export type Family = 'event' | 'pool' | 'method' | 'limit' | 'otherwise' | 'follow_up' | 'gate' | 'step' | 'step_date';

/** What the control of a parameter has to know; which of these there are depends on the control. */
export type Bounds = {
    least?: number;
    most?: number;
    values?: (string | number)[];
    of?: string | ({ control: Control } & Bounds);
    all?: boolean;
    family?: string;
    most_days?: number;
    most_minutes?: number;
    one_line?: boolean;
};

export type ParameterInfo = {
    name: string;
    control: Control;
    bounds: Bounds;
    required: boolean;
    default: string | number | boolean | null;
};

export type About = 'task' | 'case' | 'customer' | 'house';

/** about: what rules that have it may be about; an event that does not say which is about the first */
export type KindInfo = { kind: string; about: About[]; parameters: ParameterInfo[] };

export type Vocabulary = {
    kinds: Record<Family, KindInfo[]>;
    operators: OperatorInfo[];
    fields: FieldInfo[];
    /** that follow from when an event is: for criteria alone */
    momentFields: FieldInfo[];
    /** that the house keeps of people */
    personFields: FieldInfo[];
    teams: Option[];
    skills: Option[];
    people: Option[];
    checklists: Option[];
    runsheets: Option[];
    currency: string;
    /** of the runsheet that is written: what its conditions and follow-ups are about, and its steps by key */
    about?: About;
    steps?: Option[];
};
