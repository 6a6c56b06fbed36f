import { duration, momentOf, readingOf, weekday } from '@/lib/format';
import { loadNumber } from '@/lib/load';
import { hasWords, say, sayWith } from '@/lib/words';
import { remembered, step } from '@/lib/steps';
import type { Rule } from '@props/Rules/RulebookPage';
import { describe, expect, it } from 'vitest';

const WORDS = Object.assign(
    {},
    ...Object.values(import.meta.glob('../../words/en/*.json', { eager: true, import: 'default' })),
) as Record<string, unknown>;

describe('moments', () => {
    // In Dublin the clocks go from 01:00 to 02:00 on 29 March and from 02:00 back to 01:00 on 25 October 2026.
    it.each([
        ['2026-03-02T09:00', 'Europe/Dublin', '2026-03-02T09:00:00Z'],
        ['2026-07-02T09:00', 'Europe/Dublin', '2026-07-02T08:00:00Z'],
        ['2026-07-02T00:30', 'Pacific/Kiritimati', '2026-07-01T10:30:00Z'],
        ['2026-07-02T09:00', 'Asia/Kolkata', '2026-07-02T03:30:00Z'],
        ['2026-10-25T03:00', 'Europe/Dublin', '2026-10-25T03:00:00Z'],
        ['2026-12-31T23:59', 'America/Halifax', '2027-01-01T03:59:00Z'],
    ])('%s in %s is %s, and back', (reading, zone, iso) => {
        expect(momentOf(reading, zone)).toBe(iso);
        expect(readingOf(iso, zone)).toBe(reading);
    });

    it('that come twice stand for their first coming, and those that are skipped for later ones', () => {
        expect(momentOf('2026-10-25T01:30', 'Europe/Dublin')).toBe('2026-10-25T00:30:00Z');
        expect(momentOf('2026-03-29T01:30', 'Europe/Dublin')).toBe('2026-03-29T01:30:00Z');
    });
});

describe('figures', () => {
    it('are said shortly', () => {
        expect([duration(5), duration(60), duration(95), duration(605)]).toEqual(['5 min', '1 h', '1 h 35', '10 h 05']);
        expect([loadNumber(95), loadNumber(0)]).toEqual(['1.6', '0.0']);
        expect([1, 0].map((count) => say('screen.common.tasks', { count }))).toEqual(['1 task', '0 tasks']);
        expect(weekday('2026-03-02')).toMatch(/^Mon.*2/);
    });
});

describe('words', () => {
    it('fill their slots, one or many', () => {
        expect(say('rule.when', { events: 'a task arrives' })).toBe('When a task arrives');
        expect(say('value.working_days', { count: 0 })).toBe('the working time left today');
        expect(say('value.working_days', { count: 1 })).toBe('1 working day');
        expect(say('value.working_days', { count: 2 })).toBe('2 working days');
        expect(say('unavailability.absent', { away_until: 'none' })).toBe('away');
    });

    it('keep what stands in slots as it is', () => {
        expect(say('effect.tag_added', { tag: "{a} <i>'b'</i> #" })).toBe("Tag “{a} <i>'b'</i> #”");
        const link = { href: '/tasks/1' };
        expect(sayWith('rule.if', { criteria: link })).toEqual([', if ', link]);
    });

    it('are known by their path, and missed loudly', () => {
        expect(hasWords('rule.when')).toBe(true);
        expect(hasWords('rule')).toBe(false);
        expect(hasWords('rule.never')).toBe(false);
        expect(() => say('rule.never')).toThrow('There are no words for "rule.never".');
    });

    it('are messages that can be said, all of them', () => {
        const paths: string[] = [];
        const walk = (tree: object, above: string): void => {
            for (const [key, value] of Object.entries(tree)) {
                if (typeof value === 'string') paths.push(above + key);
                else walk(value as object, `${above}${key}.`);
            }
        };
        walk(WORDS, '');
        expect(paths.length).toBeGreaterThan(150);
        // Paths of fields have dots of their own and are looked up on the server.
        for (const path of paths.filter((one) => !one.startsWith('field.'))) {
            const slots = new Proxy(
                {},
                {
                    get: (_, name) => (typeof name === 'string' ? '1' : undefined),
                    has: () => true,
                    getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true, value: '1' }),
                },
            );
            expect(say(path, slots), path).not.toBe('');
        }
    });
});

describe('steps back and forward', () => {
    const rules = (name: string): Rule[] => [{ id: name, name, when: [] }];
    const none = { past: [], future: [] };

    it('lead to what was there, and back again', () => {
        const one = remembered(none, rules('a'));
        const two = remembered(one, rules('b'));
        const back = step(two, rules('c'), true);
        expect(back?.now).toEqual(rules('b'));
        expect(back?.steps).toEqual({ past: [rules('a')], future: [rules('c')] });
        const forward = back === null ? null : step(back.steps, back.now, false);
        expect(forward?.now).toEqual(rules('c'));
        expect(forward?.steps).toEqual({ past: [rules('a'), rules('b')], future: [] });
    });

    it('end where there is none', () => {
        expect(step(none, rules('a'), true)).toBeNull();
        expect(step(none, rules('a'), false)).toBeNull();
    });

    it('forward are gone once something else is done', () => {
        const back = step(remembered(none, rules('a')), rules('b'), true);
        expect(remembered(back?.steps ?? none, rules('a')).future).toEqual([]);
    });

    it('go back fifty times at most', () => {
        let history: ReturnType<typeof remembered> = none;
        for (let number = 0; number < 80; ++number) history = remembered(history, rules(String(number)));
        expect(history.past).toHaveLength(50);
        expect(history.past[0]).toEqual(rules('30'));
    });
});
