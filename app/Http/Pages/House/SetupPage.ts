import type { Option } from '../Rules/Vocabulary';

export type SetupStep = {
    code: 'people' | 'teams' | 'hours' | 'kinds' | 'fields' | 'places' | 'customers' | 'rules' | 'form' | 'sign_ins';
    count: number;
    done: boolean;
};

/** A rule that many houses begin with. */
export type ReadyCode = 'round' | 'skill' | 'place' | 'open';

export type SetupPageProps = {
    house: string;
    /** in their order */
    steps: SetupStep[];
    ready: ReadyCode[];
    /** what each rule asks for */
    asks: Record<ReadyCode, 'team' | 'skill' | 'level'>;
    choices: Record<'team' | 'skill' | 'level', Option[]>;
    kinds: Option[];
    setUp: boolean;
};
