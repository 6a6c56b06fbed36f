/** What was worked on before, the latest last, and what was gone back from, the nearest first. */
export type Steps<T> = { past: T[]; future: T[] };

const MOST = 50;

/** The step back or forward: what is worked on then, and the steps after it; null where there is none. */
export function step<T>(steps: Steps<T>, now: T, back: boolean): { now: T; steps: Steps<T> } | null {
    const to = back ? steps.past[steps.past.length - 1] : steps.future[0];
    if (to === undefined) return null;
    return {
        now: to,
        steps: back
            ? { past: steps.past.slice(0, -1), future: [now, ...steps.future] }
            : { past: [...steps.past, now], future: steps.future.slice(1) },
    };
}

/** The steps once something else is put in the place of what is worked on now. */
export function remembered<T>(steps: Steps<T>, now: T): Steps<T> {
    return { past: [...steps.past.slice(1 - MOST), now], future: [] };
}
