import type { Trail, TrailStep } from '@props/Tasks/TaskView';
import { describe, expect, it } from 'vitest';
import { firstDifference } from '@/lib/why';

const step = (label: string, ...kept: string[]): TrailStep => ({
    code: label,
    count: kept.length,
    label,
    kept: kept.map((slug) => ({ slug, name: slug })),
    fallen: [],
});

const trail = (more: Partial<Trail> = {}): Trail => ({
    at: '2026-03-02T10:00:00Z',
    version: '1',
    late: null,
    seat: 'holder',
    outcome: 'assigned',
    rule: { id: 'round', name: 'Round' },
    pick: { slug: 'femi', name: 'Femi' },
    heldWith: [],
    summary: '',
    house: 5,
    steps: [step('in Brass bench', 'ayumi', 'femi'), step('present', 'femi')],
    method: { code: 'round_robin', label: 'round-robin', candidates: [] },
    cover: null,
    otherwise: null,
    openTo: [],
    effects: [{ rule: 'Round', said: ['Due Monday'] }],
    verdicts: [],
    ...more,
});

describe('where two trails part', () => {
    it.each<[string, Partial<Trail>, string | null]>([
        ['nowhere', { at: '2026-03-03T10:00:00Z', version: '2' }, null],
        ['at the rule', { rule: { id: 'other', name: 'Other' } }, 'Rule'],
        ['at a step', { steps: [step('in Brass bench', 'ayumi', 'femi'), step('present', 'ayumi')] }, '1 present'],
        [
            'at another step',
            { steps: [step('in Brass bench', 'ayumi', 'femi'), step('on now', 'femi')] },
            '1 present / 1 on now',
        ],
        ['where one has more', { effects: [{ rule: 'Round', said: ['Due Monday', 'Tag “vip”'] }] }, 'Tag “vip”'],
        ['at who gets it as well', { heldWith: [{ slug: 'oona', name: 'Oona' }] }, 'Due Monday / Oona'],
        ['at the pick', { pick: { slug: 'ayumi', name: 'Ayumi' } }, 'Femi / Ayumi'],
    ])('%s', (_, more, expected) => {
        expect(firstDifference(trail(), trail(more))).toBe(expected);
        expect(firstDifference(trail(), trail())).toBeNull();
    });
});
