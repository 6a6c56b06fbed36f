import type { Criteria, Part } from '../Rules/RulebookPage';
import type { Fault } from '../Rules/RulebookPage';
import type { Vocabulary } from '../Rules/Vocabulary';
import type { Written, WrittenVersion } from '../WrittenVersions';
import type { StepState } from './RunPage';

/** A step, or what holds others; as docs/formats/runsheet.schema.json has it. */
export type SheetBlock = {
    key: string;
    if?: Criteria;
    name?: string;
    needed?: boolean;
    does?: Part;
    one_after_another?: SheetBlock[];
    side_by_side?: SheetBlock[];
    first?: number;
};

export type SheetAbout = 'task' | 'case' | 'house';

export type SheetDocument = {
    openbaton: string;
    id: string;
    name: string;
    about?: SheetAbout;
    several?: boolean;
    does: SheetBlock;
};

export type ChartStep = { key: string; from: number; to: number; critical: boolean };

/** In minutes of working time after the start. */
export type SheetChart = { minutes: number; steps: ChartStep[] };

export type SheetPreview = {
    faults: Fault[];
    differences: { step: string | null; text: string }[] | null;
    chart: SheetChart | null;
};

export type TrialDeedKind = 'done' | 'dropped' | 'yes' | 'no' | 'no_answer' | 'again' | 'without' | 'back' | 'later';

export type TrialDeed = { kind: TrialDeedKind; step?: string; minutes?: number };

export type TrialStep = {
    key: string;
    name: string;
    state: StepState;
    round: number;
    why: string | null;
    answer: string | null;
    at: string | null;
    wakesAt: string | null;
    can: TrialDeedKind[];
};

export type SheetTrial = {
    faults: Fault[];
    run: { at: string; state: 'running' | 'finished' | 'ended' | 'cancelled'; steps: TrialStep[] } | null;
};

export type RunsheetEditorPageProps = {
    written: Written;
    /** the draft, or else what is published; null: there is none yet */
    document: SheetDocument | null;
    vocabulary: Vocabulary;
    versions: WrittenVersion[];
};
