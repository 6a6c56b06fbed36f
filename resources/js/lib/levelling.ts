import type { LevellingLine } from '@props/Levelling/LevellingLine';
import type { LevellingProgress } from '@props/Levelling/LevellingPage';
import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { ask } from './ask';
import { duration } from './format';
import { say } from './words';

/** Milliseconds between two looks at one that is worked out, and at one that others may choose from. */
const WORKING = 600;
const READY = 4000;

/** How far a levelling is; the page is fetched anew when it ends, or when somebody has chosen otherwise. */
export function useLevelling(id: string, before: LevellingProgress): LevellingProgress {
    const [told, setTold] = useState<{ of: LevellingProgress; progress: LevellingProgress }>({
        of: before,
        progress: before,
    });
    const progress = told.of === before ? told.progress : before;
    const { state, mark } = before;
    useEffect(() => {
        if (state !== 'working' && state !== 'ready') return;
        const pause = state === 'working' ? WORKING : READY;
        let timer = 0;
        const look = (): void => {
            ask<LevellingProgress>('GET', `/levellings/${id}/progress`)
                .then((answer) => {
                    setTold({ of: before, progress: answer });
                    if (answer.mark === mark) timer = window.setTimeout(look, pause);
                    else router.reload();
                })
                // Whoever can't be reached just now is asked again.
                .catch(() => (timer = window.setTimeout(look, READY)));
        };
        timer = window.setTimeout(look, pause);
        return () => window.clearTimeout(timer);
    }, [id, state, mark, before]);
    return progress;
}

/** Minutes of late work in words. */
export function late(minutes: number | null): string {
    return minutes === null || minutes === 0 ? say('level.no_late') : duration(minutes);
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
        ...(line.leastSaving === 0 ? [] : [`${say('level.least_saving')}: ${line.leastSaving}`]),
        ...(line.barsPeaks ? [say('level.bars_peaks')] : []),
        ...(line.working ? [say('level.working')] : []),
    ].join(' · ');
}
