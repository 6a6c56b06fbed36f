import type { Criteria, Part } from '../Rules/RulebookPage';
import type { Vocabulary } from '../Rules/Vocabulary';
import type { SweepLine } from './SweepLine';

export type SweepDocument = { if?: Criteria; hand_to?: string; then?: Part[] };

export type NamedSweep = { id: string; name: string; document: SweepDocument; revision: number };

export type SweepsPageProps = {
    sweeps: { id: string; name: string; said: string; by: string; savedAt: string }[];
    sweep: NamedSweep | null;
    /** that were carried out, the latest first; carried: how many tasks it changed */
    runs: (SweepLine & { carried: number })[];
    vocabulary: Vocabulary;
    /** kinds of follow-up that a sweep may have */
    changing: string[];
};
