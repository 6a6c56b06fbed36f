import type { LevellingLine } from '@props/Levelling/LevellingLine';
import type { LevellingProgress } from '@props/Levelling/LevellingPage';
import { load } from './load';
import { useProgress } from './progress';
import { say } from './words';

/** Milliseconds between two looks at one that is worked out, and at one that others may choose from. */
const WORKING = 600;
const READY = 4000;

const PAUSES: Partial<Record<LevellingProgress['state'], number>> = { working: WORKING, ready: READY };

/** It has ended, or somebody has chosen otherwise. */
function isOtherwise(before: LevellingProgress, answer: LevellingProgress): boolean {
    return answer.mark !== before.mark;
}

/** How far a levelling is. */
export function useLevelling(id: string, before: LevellingProgress): LevellingProgress {
    return useProgress(`/levellings/${id}/progress`, before, PAUSES[before.state] ?? null, isOtherwise);
}

/** Minutes of late work in words. */
export function late(minutes: number | null): string {
    return minutes === null || minutes === 0 ? say('level.no_late') : load(minutes);
}

/** A share of time that is full, in percent; null: there is no time at all. */
export function full(percent: number | null): string {
    return percent === null ? say('level.endless') : say('level.percent', { percent });
}

/** Whose work it is over, and what was asked of it. */
export function over(line: LevellingLine): string {
    return [
        line.teams.length === 0 ? say('level.of_all') : say('level.of_teams', { teams: line.teams.join(', ') }),
        say('level.days', { days: line.days }),
        ...(line.first === 'late' ? [] : [`${say('level.first')}: ${say(`level.measures.${line.first}`)}`]),
        ...(line.mostMoves === null ? [] : [`${say('level.most_moves')}: ${line.mostMoves}`]),
        ...(line.leastSaving === 0 ? [] : [`${say('level.least_saving')}: ${load(line.leastSaving)}`]),
        ...(line.barsPeaks ? [say('level.bars_peaks')] : []),
        ...(line.working ? [say('level.working')] : []),
    ].join(' · ');
}
