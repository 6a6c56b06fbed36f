import type { Option } from '../Rules/Vocabulary';

export type RoleName = 'administrator' | 'lead' | 'member' | 'reviewer';
export type AbilityName =
    | 'absences:own'
    | 'cases:read'
    | 'cases:work'
    | 'customers:keep'
    | 'messages:steer'
    | 'tasks:create'
    | 'tasks:read'
    | 'tasks:speak'
    | 'tasks:work';

/** gone: their person is no longer of the house */
export type SignInState = 'open' | 'invited' | 'ended' | 'gone';

export type SignInLine = {
    id: string;
    name: string;
    email: string;
    person: string | null;
    roles: RoleName[];
    state: SignInState;
    invitedUntil: string | null;
    sessions: number;
    seenAt: string | null;
    own: boolean;
};

export type TokenLine = {
    id: string;
    name: string;
    owner: string;
    abilities: string[];
    usedAt: string | null;
    until: string | null;
    over: boolean;
};

export type SignInsPageProps = {
    signIns: SignInLine[];
    tokens: TokenLine[];
    /** those of the house who have no sign-in */
    people: (Option & { email: string | null })[];
    roles: RoleName[];
    abilities: AbilityName[];
};
