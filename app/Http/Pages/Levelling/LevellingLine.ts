export type LevellingState = 'working' | 'ready' | 'applied' | 'undone' | 'failed';

export type Measure = 'late' | 'peak' | 'moves' | 'breaks';

export type LevellingLine = {
    id: string;
    state: LevellingState;
    by: string;
    begunAt: string;
    appliedAt: string | null;
    appliedBy: string | null;
    undoneAt: string | null;
    /** names; none: everybody */
    teams: string[];
    /** working days */
    days: number;
    first: Measure;
    mostMoves: number | null;
    /** minutes */
    leastSaving: number;
    barsPeaks: boolean;
    working: boolean;
    why: 'stopped' | 'budget' | 'too_many' | 'failed' | null;
    /** minutes late before, after all moves, and at least; null: not known yet */
    result: { before: number; after: number; bound: number; moves: number } | null;
};
