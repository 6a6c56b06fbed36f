import type { Part, Rule } from '@props/Rules/RulebookPage';
import type { About, KindInfo, Vocabulary } from '@props/Rules/Vocabulary';

/** What an event is about: its kind says, or its "of" does. */
function ofEvent(event: Part, vocabulary: Vocabulary): About {
    const kind = vocabulary.kinds.event.find((one) => one.kind === event.kind);
    return kind?.about ?? (event.of === 'case' ? 'case' : 'task');
}

/** What a rule is about, by its first event. */
export function aboutOf(rule: Rule, vocabulary: Vocabulary): About {
    const first = rule.when[0];
    return first === undefined ? 'task' : ofEvent(first, vocabulary);
}

/** Whether rules about something may have a kind of part. */
export const fits = (kind: KindInfo, about: About): boolean => kind.about === null || kind.about === about;

/** The rule without the seat of another subject, where its events make it about another one. */
export function fitted(rule: Rule, vocabulary: Vocabulary): Rule {
    if (rule.give?.seat === undefined || (rule.give.seat === 'owner') === (aboutOf(rule, vocabulary) === 'case'))
        return rule;
    return { ...rule, give: Object.fromEntries(Object.entries(rule.give).filter(([name]) => name !== 'seat')) };
}

/** What criteria of rules about something may ask: a case has no task. */
export function asked(vocabulary: Vocabulary, about: About): Vocabulary {
    return about === 'task'
        ? vocabulary
        : { ...vocabulary, fields: vocabulary.fields.filter(({ path }) => !path.startsWith('task.')) };
}
