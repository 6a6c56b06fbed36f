import type { Criteria, Part, Rule } from '@props/Rules/RulebookPage';
import type { Remedy } from '@props/Rules/FindingsView';
import type { Family, Vocabulary } from '@props/Rules/Vocabulary';
import { groupOf } from './criteria';
import { describeCriteria, describePart } from './describe';

const FAMILIES: Record<string, Family> = {
    when: 'event',
    pool: 'pool',
    method: 'method',
    limits: 'limit',
    otherwise: 'otherwise',
    then: 'follow_up',
};

function at(document: unknown, path: string[]): unknown {
    return path.reduce<unknown>(
        (one, name) => (typeof one === 'object' && one !== null ? (one as Record<string, unknown>)[name] : undefined),
        document,
    );
}

const pathOf = (pointer: string): string[] => pointer.split('/').slice(1);

/** What a pointer into a rule points at, in words; empty where that is a whole clause of it. */
export function pointedAt(rule: Rule, pointer: string, vocabulary: Vocabulary): string {
    const path = pathOf(pointer);
    const found = at(rule, path);
    if (typeof found !== 'object' || found === null || path.length < 2) return '';
    if (path[0] === 'if') return describeCriteria(found as Criteria, vocabulary);
    const family = FAMILIES[path[0] === 'give' ? (path[1] ?? '') : (path[0] ?? '')];
    return family === undefined || Array.isArray(found) ? '' : describePart(family, found as Part, vocabulary);
}

/** The rule with a press carried out that is about the rule alone. */
export function remedied(rule: Rule, { kind, at: pointer }: Remedy): Rule {
    const changed = structuredClone(rule);
    const path = pathOf(pointer);
    const last = path.pop() ?? '';
    const parent = at(changed, path);
    if (kind === 'take_out_part' && Array.isArray(parent)) parent.splice(Number(last), 1);
    if (kind === 'make_all' && typeof parent === 'object' && parent !== null) {
        const group = (parent as Record<string, Criteria>)[last];
        const parts = group === undefined ? null : groupOf(group);
        if (parts !== null) (parent as Record<string, Criteria>)[last] = { all: parts.parts };
    }
    return changed;
}
