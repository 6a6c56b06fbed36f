import type { SweepProgress } from '@props/Sweeps/SweepRunPage';
import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { ask, Problem } from './ask';
import { tellRefused } from './refused';

/** What is looked at, over named tasks or over a list of them. */
export type Order = { sweep?: string; rule?: string; ids?: string[]; filter?: Record<string, string> };

/** Begins to look at what a sweep, or a rule that is applied, would do, and goes there. */
export async function startSweep(order: Order): Promise<void> {
    try {
        const { id } = await ask<{ id: string }>('POST', '/rulebook/sweep-runs', JSON.stringify(order));
        router.visit(`/rulebook/sweep-runs/${id}`);
    } catch (error) {
        if (!(error instanceof Problem)) throw error;
        tellRefused(error.errors.length === 0 ? [error.message] : error.errors.map((one) => one.detail));
    }
}

/** How far a sweep is; the page is fetched anew when it comes to an end. */
export function useSweepProgress(id: string, before: SweepProgress): SweepProgress {
    const [told, setTold] = useState<{ of: SweepProgress; progress: SweepProgress }>({ of: before, progress: before });
    const progress = told.of === before ? told.progress : before;
    const { underWay } = progress;
    useEffect(() => {
        if (!underWay) return;
        let timer = 0;
        const look = (): void => {
            ask<SweepProgress>('GET', `/rulebook/sweep-runs/${id}/progress`)
                .then((answer) => {
                    setTold({ of: before, progress: answer });
                    if (answer.underWay) timer = window.setTimeout(look, 600);
                    else router.reload();
                })
                // Whoever can't be reached just now is asked again.
                .catch(() => (timer = window.setTimeout(look, 3000)));
        };
        look();
        return () => window.clearTimeout(timer);
    }, [id, underWay, before]);
    return progress;
}
