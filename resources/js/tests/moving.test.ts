import type { Rule } from '@props/Rules/RulebookPage';
import { describe, expect, it } from 'vitest';
import { announcementsOf } from '@/parts/rule/RuleList';

const rules = ['Rush', 'Quotes', 'The rest'].map((name, index) => ({
    id: `rule-${index + 1}`,
    name,
    when: [],
})) as unknown as Rule[];
const at = (id: string) => ({ id }) as never;

describe('what is heard of a rule that is moved', () => {
    const heard = announcementsOf(rules);

    it('names the rule and its place when it is taken up', () => {
        expect(heard.onDragStart({ active: at('rule-1') })).toBe(
            'Rule 1, “Rush”, is taken up. The arrow keys move it, the space bar puts it down, ' +
                'Escape leaves it where it was.',
        );
    });

    it('says which place it would take, and which it has taken', () => {
        expect(heard.onDragOver({ active: at('rule-1'), over: at('rule-3') })).toBe('It would be rule 3 of 3.');
        expect(heard.onDragEnd({ active: at('rule-1'), over: at('rule-3') })).toBe('“Rush” is rule 3 of 3 now.');
    });

    it('says that it stays where nothing has moved', () => {
        const stays = '“Quotes” stays rule 2.';
        expect(heard.onDragEnd({ active: at('rule-2'), over: at('rule-2') })).toBe(stays);
        expect(heard.onDragEnd({ active: at('rule-2'), over: null })).toBe(stays);
        expect(heard.onDragCancel({ active: at('rule-2'), over: at('rule-1') })).toBe(stays);
    });
});
