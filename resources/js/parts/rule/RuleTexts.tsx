import type { Rule } from '@props/Rules/RulebookPage';
import type { ReactElement } from 'react';
import { without } from '@/lib/rules';
import { say } from '@/lib/words';

/** What is said of the rule besides: the heading that it begins a group with, and why it is as it is. */
export function RuleTexts({ rule, onChange }: { rule: Rule; onChange: (rule: Rule) => void }) {
    const entry = (member: 'heading' | 'note', label: string, hint: string, most: number): ReactElement => (
        <label className="flex flex-1 items-center gap-2">
            <span className="w-16 shrink-0 text-end text-ink2">{label}</span>
            <input
                className="entry min-w-40 flex-1"
                data-aside
                value={rule[member] ?? ''}
                placeholder={hint}
                maxLength={most}
                onChange={({ target: { value } }) =>
                    onChange(value === '' ? without(rule, member) : { ...rule, [member]: value })
                }
            />
        </label>
    );
    return (
        <div className="flex flex-wrap items-center gap-2 pb-1">
            {entry('note', say('screen.rule_editor.note'), say('screen.rule_editor.note_hint'), 500)}
            {entry('heading', say('screen.rule_editor.heading'), say('screen.rule_editor.heading_hint'), 120)}
        </div>
    );
}
