import type { Part, Rule } from '@props/Rules/RulebookPage';
import { describe, expect, it } from 'vitest';
import { aboutOf, asked, fits, fitted } from '@/lib/about';
import { offered } from '@/lib/criteria';
import { house } from './house';

const rule = (...when: Part[]): Rule =>
    ({ id: 'r', name: 'R', when, give: { seat: 'owner' }, if: { all: [] } }) as Rule;
const kind = (family: 'event' | 'follow_up' | 'method', code: string) => {
    const found = house.kinds[family].find((one) => one.kind === code);
    if (found === undefined) throw new Error(code);
    return found;
};

describe('what a rule is about', () => {
    it.each([
        [{ kind: 'task_arrives' }, 'task'],
        [{ kind: 'case_opens' }, 'case'],
        [{ kind: 'customer_added' }, 'customer'],
        [{ kind: 'tag_on', tags: ['a'] }, 'task'],
        [{ kind: 'tag_on', tags: ['a'], of: 'customer' }, 'customer'],
        [{ kind: 'owner_changes' }, 'case'],
        [{ kind: 'owner_changes', of: 'customer' }, 'customer'],
        [{ kind: 'schedule', of: 'house' }, 'house'],
    ])('is said by %j: %s', (event, about) => {
        expect(aboutOf(rule(event as Part), house)).toBe(about);
    });

    it('decides which parts fit', () => {
        const of = (family: 'event' | 'follow_up' | 'method', code: string) =>
            (['task', 'case', 'customer', 'house'] as const).filter((about) => fits(kind(family, code), about));
        expect(of('follow_up', 'create_task')).toEqual(['task', 'case', 'customer', 'house']);
        expect(of('follow_up', 'watch')).toEqual(['task', 'case']);
        expect(of('follow_up', 'tag')).toEqual(['task', 'case', 'customer']);
        expect(of('method', 'open')).toEqual(['task', 'case']);
        expect(of('event', 'schedule')).toEqual(['task', 'case', 'customer', 'house']);
    });

    it('decides whether it gives at all, and which seat', () => {
        expect(fitted(rule({ kind: 'schedule', of: 'house' } as Part), house).give).toBeUndefined();
        expect(fitted(rule({ kind: 'customer_added' }), house).give).toEqual({ seat: 'owner' });
        expect(fitted(rule({ kind: 'task_arrives' }), house).give).toEqual({});
    });

    it('decides which fields are offered and set; what it makes is known by name still', () => {
        const paths = (about: 'task' | 'customer' | 'house') =>
            offered(asked(house, about), '').map((field) => field.path.split('.')[0]);
        expect(new Set(paths('customer'))).not.toContain('task');
        expect(paths('house')).toEqual([]);
        expect(asked(house, 'house').fields.map((field) => field.path)).toContain('task.kind');
        const size = { path: 'customer.size', label: 'Players', type: 'number' as const, options: [], retired: false };
        const own = { ...house, fields: [...house.fields, { ...size, settable: true }] };
        const set = (about: 'task' | 'customer') =>
            asked(own, about)
                .fields.filter((field) => field.settable)
                .some((field) => field.path.startsWith('customer.'));
        expect([set('task'), set('customer')]).toEqual([false, true]);
    });
});
