import type { PersonRef } from '../PersonRef';

export type MapNodeKind =
    | 'track'
    | 'stage'
    | 'runsheet'
    | 'step'
    | 'duties'
    | 'duty'
    | 'rules'
    | 'rule'
    | 'team'
    | 'people'
    | 'person'
    | 'pools'
    | 'pool';

/** How often in the weeks that are looked at, and how long in minutes of working time; null: not known yet */
export type MapCounted = { number: number; median: number | null; ninety: number | null };

export type MapNode = MapCounted & {
    id: string;
    kind: MapNodeKind;
    /** slug of a person or team, and the like */
    key: string;
    name: string;
    /** id of the group in which it lies */
    within: string | null;
    /** how many lie in it */
    inside: number;
    /** how many people may be given it; null: the rules or the task say */
    can: number | null;
};

export type MapArrowKind = 'next' | 'starts' | 'needs' | 'date' | 'does' | 'hands_on';

export type MapArrow = MapCounted & {
    from: string;
    to: string;
    kind: MapArrowKind;
    /** a rule, runsheet, track or duty says so; otherwise it only happened */
    defined: boolean;
};

export type MapPlace = {
    node: string;
    kind: MapNodeKind;
    name: string;
    /** name of the group */
    within: string | null;
};

export type MapFound = MapCounted & {
    kind: 'only_one_can' | 'only_one_did' | 'longest_wait' | 'never_used';
    place: MapPlace;
    /** id of the group */
    group: string | null;
    person: PersonRef | null;
};

export type MapWork = {
    person: PersonRef;
    node: string;
    /** id of their team */
    group: string | null;
    rows: (MapCounted & {
        place: MapPlace;
        group: string | null;
        /** some of those who could have it, too */
        others: PersonRef[];
        /** how many; null: the rules or the task say who */
        couldToo: number | null;
    })[];
};

export type MapView = { open: string[]; at: string; person: string };

export type MapPageProps = {
    /** null: it is worked out for the first time */
    drawnAt: string | null;
    weeks: number;
    view: MapView;
    nodes: MapNode[];
    arrows: MapArrow[];
    /** what is not drawn, since there is too much */
    left: { nodes: number; arrows: number };
    findings: MapFound[];
    work: MapWork | null;
};
