import type { PersonRef } from '../PersonRef';
import type { Option } from '../Rules/Vocabulary';

export type PlaceLine = {
    slug: string;
    name: string;
    level: string;
    parent: string | null;
    responsible: PersonRef | null;
    deputy: PersonRef | null;
    customers: number;
};

export type PlacesPageProps = {
    /** of the tree, the highest first */
    levels: Option[];
    /** in the order of their names */
    places: PlaceLine[];
    people: Option[];
};
