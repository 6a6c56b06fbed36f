import type { RuleTrial } from '@props/Rules/RuleTrial';
import { useAsked } from './useAsked';

/** The rule that is open, as it was saved last, held against the recent work; null: it is not here yet. */
export function useTrial(rule: string | null, revision: number): RuleTrial | null {
    const { answer } = useAsked<{ trial: RuleTrial | null }>(
        rule === null ? null : `/rulebook/try?${new URLSearchParams({ rule, of: String(revision) }).toString()}`,
    );
    return rule === null ? null : (answer?.trial ?? null);
}
