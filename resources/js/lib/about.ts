import type { Part, Rule } from '@props/Rules/RulebookPage';
import type { About, KindInfo, Vocabulary } from '@props/Rules/Vocabulary';

/** What a step of the same runsheet was answered. */
export const ANSWER = 'answer.';

const SUBJECTS: About[] = ['task', 'case', 'customer', 'house'];

/** What an event is about: its "of" says, or its kind does. */
function ofEvent(event: Part, vocabulary: Vocabulary): About {
    const kind = vocabulary.kinds.event.find((one) => one.kind === event.kind);
    return SUBJECTS.find((one) => one === event.of) ?? kind?.about[0] ?? 'task';
}

/** What a rule is about, by its first event. */
export function aboutOf(rule: Rule, vocabulary: Vocabulary): About {
    const first = rule.when[0];
    return first === undefined ? 'task' : ofEvent(first, vocabulary);
}

/** Whether rules about something may have a kind of part. */
export const fits = (kind: KindInfo, about: About): boolean => kind.about.includes(about);

const isOwned = (about: About): boolean => about === 'case' || about === 'customer';

/** The rule without what its subject does not have, where its events make it about another one. */
export function fitted(rule: Rule, vocabulary: Vocabulary): Rule {
    const about = aboutOf(rule, vocabulary);
    if (about === 'house' && rule.give !== undefined)
        return Object.fromEntries(Object.entries(rule).filter(([name]) => name !== 'give')) as Rule;
    if (rule.give?.seat === undefined || (rule.give.seat === 'owner') === isOwned(about)) return rule;
    return { ...rule, give: Object.fromEntries(Object.entries(rule.give).filter(([name]) => name !== 'seat')) };
}

/** Paths of fields that rules about something cannot name: a case has no task, a customer no case. */
const HIDDEN: Record<About, string[]> = { task: [], case: ['task.'], customer: ['task.', 'case.'], house: [''] };

/**
 * What rules about something are offered to ask and to set; what belongs to others is known still, as the kinds of
 * tasks that they make are. What is kept of a customer is set by rules about customers alone.
 */
export function asked(vocabulary: Vocabulary, about: About): Vocabulary {
    return {
        ...vocabulary,
        fields: vocabulary.fields.map((field) => {
            if (!field.path.startsWith(ANSWER) && HIDDEN[about].some((prefix) => field.path.startsWith(prefix)))
                return { ...field, settable: false, retired: true };
            return field.settable && about !== 'customer' && field.path.startsWith('customer.')
                ? { ...field, settable: false }
                : field;
        }),
    };
}
