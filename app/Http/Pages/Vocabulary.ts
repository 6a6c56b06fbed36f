export type Option = { value: string; label: string };

export type FieldType =
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

export type FieldInfo = { path: string; label: string; type: FieldType; options: Option[] };

export type OperatorInfo = {
    code: string;
    words: string;
    shape: 'nothing' | 'one' | 'several' | 'pair' | 'days';
    types: FieldType[];
};

export type Vocabulary = {
    fields: FieldInfo[];
    operators: OperatorInfo[];
    teams: Option[];
    skills: Option[];
    people: Option[];
    currency: string;
};
