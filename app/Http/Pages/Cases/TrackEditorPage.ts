import type { Fault, Part } from '../Rules/RulebookPage';
import type { Option, Vocabulary } from '../Rules/Vocabulary';
import type { Written, WrittenVersion } from '../WrittenVersions';

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

export type TrackPreview = { faults: Fault[]; differences: { stage: string | null; text: string }[] | null };

export type TrackEditorPageProps = {
    written: Written;
    /** the draft, or else what is in force; null: there is none yet */
    document: TrackDocument | null;
    /** what is in force; its stages keep their keys */
    kept: TrackDocument | null;
    vocabulary: Vocabulary;
    guides: Option[];
    /** how many open cases stand in each stage, by its key */
    open: Record<string, number>;
    versions: WrittenVersion[];
};
