import type { Part } from '../Rules/RulebookPage';
import type { Option, Vocabulary } from '../Rules/Vocabulary';

export type Movers = { owner?: boolean; teams?: string[]; anyone?: boolean };

/** As docs/formats/track.schema.json has it. */
export type StageDocument = {
    key: string;
    name: string;
    target?: string;
    guide?: string;
    movers?: Movers;
    leave?: Part[];
    enter?: Part[];
    retired?: boolean;
};

export type TrackDocument = {
    openbaton: string;
    id: string;
    name: string;
    owner_takes_tasks?: boolean;
    stages: StageDocument[];
    outcomes: { key: string; label: string }[];
};

export type TrackDifferenceLine = { stage: string | null; text: string };

export type TrackEditorPageProps = {
    /** null: a new one */
    track: { slug: string; name: string; revision: number; hasDraft: boolean; published: number | null } | null;
    /** the draft, or else what is in force; null: there is none yet */
    document: TrackDocument | null;
    /** what is in force; its stages keep their keys */
    kept: TrackDocument | null;
    vocabulary: Vocabulary;
    guides: Option[];
    /** how many open cases stand in each stage, by its key */
    open: Record<string, number>;
    versions: { number: number; at: string; by: string | null }[];
};
