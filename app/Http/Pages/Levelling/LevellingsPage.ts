import type { LevellingLine, Measure } from './LevellingLine';

export type LevelOptions = {
    teams: { slug: string; name: string }[];
    /** working days */
    days: number[];
    measures: Measure[];
    mostMoves: number;
    /** minutes */
    mostSaving: number;
};

export type LevellingsPageProps = { levellings: LevellingLine[]; options: LevelOptions };
