import type { PersonRef } from '../PersonRef';
import type { Option } from '../Rules/Vocabulary';

/** own: not from a place above */
export type Answering = { person: PersonRef | null; own: boolean };

export type PlaceLine = {
    slug: string;
    name: string;
    level: string;
    /** how far in it is drawn, below others of the page */
    depth: number;
    /** what it lies in, the highest first */
    path: Option[];
    responsible: Answering;
    deputy: Answering;
    customers: number;
    /** places in it that are not on the page */
    below: number;
    /** nothing and nobody is in it */
    empty: boolean;
    retired: boolean;
};

export type PlacesPageProps = {
    /** of the tree, the highest first */
    levels: Option[];
    /** beginnings of words of names */
    asked: string;
    /** the place whose part of the tree is shown, and what it lies in; none: from the top */
    path: Option[];
    /** in the order of the tree, or of their names where there are many */
    places: PlaceLine[];
    total: number;
    page: number;
    pages: number;
    people: Option[];
};
