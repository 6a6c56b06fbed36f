import type { Rule } from '@props/Rules/RulebookPage';
import type { About, Vocabulary } from '@props/Rules/Vocabulary';
import { without } from '@/lib/rules';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { GiveEditor } from './GiveEditor';

/** To whom it gives, if to anybody. */
export function GiveClause({
    rule,
    about,
    vocabulary,
    onChange,
}: {
    rule: Rule;
    about: About;
    vocabulary: Vocabulary;
    onChange: (rule: Rule) => void;
}) {
    if (rule.give === undefined) {
        return (
            <>
                <span>{say('screen.rule_editor.nobody_once_the_task')} </span>
                <Button look="quiet" onClick={() => onChange({ ...rule, give: { otherwise: { kind: 'next_rule' } } })}>
                    {say('screen.rule_editor.give_it_to_somebody')}
                </Button>
            </>
        );
    }
    return (
        <>
            <GiveEditor
                give={rule.give}
                about={about}
                vocabulary={vocabulary}
                onChange={(give) => onChange({ ...rule, give })}
            />
            <Button look="quiet" onClick={() => onChange(without(rule, 'give'))}>
                {say('screen.rule_editor.give_it_to_nobody')}
            </Button>
        </>
    );
}
