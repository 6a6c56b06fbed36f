import type { Rule } from '@props/Rules/RulebookPage';

/**
 * A draft may have been written by a program: what a list of rules reads of each is given the shape that it reads, and
 * the rest stays as it is.
 */
export function drawable(given: unknown, id: string): Rule {
    const rule = (typeof given === 'object' && given !== null ? given : {}) as Record<string, unknown>;
    const fits = rule.id === id && typeof rule.name === 'string' && isParts(rule.when);
    return (
        fits
            ? rule
            : {
                  ...rule,
                  id,
                  name: typeof rule.name === 'string' ? rule.name : '',
                  when: isParts(rule.when) ? rule.when : [],
              }
    ) as Rule;
}

function isParts(value: unknown): boolean {
    return (
        Array.isArray(value) &&
        value.every(
            (one) => typeof one === 'object' && one !== null && typeof (one as { kind?: unknown }).kind === 'string',
        )
    );
}
