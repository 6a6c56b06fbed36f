export type RotationSeat = {
    /** id of the person */
    person: string;
    name: string;
    /** in hundredths */
    weight: number;
    /** in how many turns it is theirs, where all who are there take one; 1 is the next */
    turn: number | null;
    awayUntil: string | null;
    /** in none of its pools any more */
    left: boolean;
};

export type RotationTurn = {
    id: string;
    kind: 'taken' | 'skipped' | 'put_back' | 'begun_anew';
    at: string;
    person: string | null;
    inPlaceOf: string | null;
    task: { id: string; number: number } | null;
    by: string | null;
    reason: string | null;
    passedOver: { slug: string; name: string; reason: string }[];
};

export type RotationCloser = {
    name: string;
    rules: { id: string; name: string }[];
    /** there is a pool that depends on the task */
    varies: boolean;
    /** names, in the order of the turns that come */
    coming: string[];
    seats: RotationSeat[];
    turns: RotationTurn[];
};

export type RotationsPageProps = {
    rotations: { name: string; rules: number }[];
    rotation: RotationCloser | null;
    mayCorrect: boolean;
};
