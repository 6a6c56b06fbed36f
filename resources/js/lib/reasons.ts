import type { TrailStep } from '@props/Tasks/TaskView';

/**
 * Who was left out of a pool at last, each with the last reason. Where a limit was dropped, whoever had fallen out by
 * it is there once more.
 */
export function leftOut(steps: TrailStep[]): TrailStep['fallen'] {
    const kept = new Set(steps.at(-1)?.kept.map((person) => person.slug));
    const fallen = new Map(steps.flatMap((step) => step.fallen).map((person) => [person.slug, person]));
    return [...fallen.values()].filter((person) => !kept.has(person.slug));
}
