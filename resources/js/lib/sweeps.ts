import type { SweepProgress } from '@props/Sweeps/SweepRunPage';
import { router } from '@inertiajs/react';
import { ask, Problem } from './ask';
import { useProgress } from './progress';
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

const PAUSE = 600;

function isOver(_: SweepProgress, answer: SweepProgress): boolean {
    return !answer.underWay;
}

/** How far a sweep is; the page is fetched anew when it comes to an end. */
export function useSweepProgress(id: string, before: SweepProgress): SweepProgress {
    return useProgress(`/rulebook/sweep-runs/${id}/progress`, before, before.underWay ? PAUSE : null, isOver);
}
