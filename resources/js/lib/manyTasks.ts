import { router } from '@inertiajs/react';
import { ask } from './ask';

export type ManyAnswer = { done: number; refused: { number: number; said: string }[] };

/** Does the same with several tasks, each by itself, and fetches what has changed. */
export async function withMany(what: string, ids: string[], more: Record<string, string> = {}): Promise<ManyAnswer> {
    const answer = await ask<ManyAnswer>('POST', `/tasks/many/${what}`, JSON.stringify({ ids, ...more }));
    router.reload();
    return answer;
}

/** What could not be done, a line each. */
export function refusals(answer: ManyAnswer): string[] {
    return answer.refused.map((one) => `№ ${one.number}: ${one.said}`);
}
