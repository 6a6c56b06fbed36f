import type { Comparison, Criteria, CriteriaValue, FollowUp, Give, Limit, Method, Otherwise, Pool, Rule } from '@props/RulebookPage';
import type { Option, Vocabulary } from '@props/Vocabulary';
import { fieldOf, groupOf, minutesOf, topGroup } from './criteria';
import { duration } from './format';

/** A piece of a sentence; what can be changed is said in bold. */
export type Piece = { text: string; bold?: boolean };

const say = (text: string): Piece => ({ text });
const bold = (text: string): Piece => ({ text, bold: true });

function label(options: Option[], value: string): string {
    return options.find((option) => option.value === value)?.label ?? value;
}

export function saidValue(value: CriteriaValue | undefined, path: string, vocabulary: Vocabulary): string {
    if (value === undefined) return '';
    if (Array.isArray(value)) return value.map((one) => saidValue(one, path, vocabulary)).join(', ');
    if (typeof value === 'boolean') return value ? 'yes' : 'no';
    const field = fieldOf(vocabulary, path);
    if (field?.type === 'money') return `${vocabulary.currency} ${value}`;
    if (field?.type === 'duration') return duration(minutesOf(String(value)));
    if (field?.type === 'person') return label(vocabulary.people, String(value));
    return field === undefined ? String(value) : label(field.options, String(value));
}

function comparison(one: Comparison, vocabulary: Vocabulary): Piece[] {
    const words = vocabulary.operators.find((operator) => operator.code === one.op)?.words ?? one.op;
    const value = saidValue(one.value, one.field, vocabulary);
    return [say(`${fieldOf(vocabulary, one.field)?.label ?? one.field} ${words}`), ...(value === '' ? [] : [say(' '), bold(value)])];
}

function criteria(one: Criteria, vocabulary: Vocabulary, nested: boolean): Piece[] {
    const group = groupOf(one);
    if (group === null) return comparison(one as Comparison, vocabulary);
    const parts = group.parts.map((part) => criteria(part, vocabulary, true));
    const joined = parts.flatMap((part, index) => (index === 0 ? part : [say(group.kind === 'all' ? ' and ' : ' or '), ...part]));
    if (group.kind === 'none') return [say('none of this holds: '), ...joined];
    return nested && parts.length > 1 ? [say('('), ...joined, say(')')] : joined;
}

export function saidPool(pool: Pool | undefined, vocabulary: Vocabulary): string {
    if (pool === undefined) return '…';
    switch (pool.kind) {
        case 'people':
            return pool.people.map((slug) => label(vocabulary.people, slug)).join(', ');
        case 'team':
            return label(vocabulary.teams, pool.team) + (pool.with_sub_teams === true ? ' and its sub-teams' : '') + (pool.with_lead === false ? ' without its lead' : '');
        case 'skill':
            return `everyone with ${label(vocabulary.skills, pool.skill)} at ${pool.level ?? 1} or above`;
        case 'field':
            return `the person in "${fieldOf(vocabulary, pool.field)?.label ?? pool.field}"`;
        case 'union':
            return pool.pools.map((one) => saidPool(one, vocabulary)).join(' or ');
        case 'except':
            return `${saidPool(pool.pool, vocabulary)}, but not ${saidPool(pool.without, vocabulary)}`;
    }
}

function method(one: Method): string {
    switch (one.kind) {
        case 'round_robin':
            return `by round-robin "${one.rotation}"`;
        case 'lightest_load':
            return 'to the lightest load';
        case 'in_order':
            return 'to the first in order';
        case 'same_person':
            return 'to just that person';
        case 'open':
            return 'open for anyone of them to claim';
    }
}

function limit(one: Limit, vocabulary: Vocabulary): string {
    switch (one.kind) {
        case 'skill_at_least':
            return `with ${label(vocabulary.skills, one.skill)} at ${one.level ?? 1} or above`;
        case 'open_tasks_at_most':
            return `at most ${one.tasks} open each`;
        case 'load_ratio_at_most':
            return `load at most ${one.percent} %`;
    }
}

function otherwise(one: Otherwise | undefined, vocabulary: Vocabulary): string {
    switch (one?.kind) {
        case 'unplaced':
            return 'wait as unplaced';
        case 'person':
            return `give it to ${label(vocabulary.people, one.person)}`;
        case 'open_to_team':
            return `open it to ${label(vocabulary.teams, one.team)}`;
        default:
            return 'ask the next rule';
    }
}

function followUp(one: FollowUp): string {
    switch (one.kind) {
        case 'due_in': {
            const of = one.hours_of === 'assignee' ? ' of the assignee' : '';
            if (one.working_time !== undefined) return `make it due in ${duration(minutesOf(one.working_time))} of working time${of}`;
            return one.working_days === 0 ? `make it due today${of}` : `make it due in ${one.working_days} working day${one.working_days === 1 ? '' : 's'}${of}`;
        }
        case 'priority':
            return `set the priority to ${one.priority}`;
        case 'tag':
            return `tag it "${one.tag}"`;
    }
}

function give(one: Give, vocabulary: Vocabulary): Piece[] {
    const limits = (one.limits ?? []).flatMap((each) => [say(', '), bold(limit(each, vocabulary))]);
    return [
        say(', give it to '),
        bold(saidPool(one.pool, vocabulary)),
        say(', '),
        bold(method(one.method)),
        ...limits,
        ...(one.otherwise === undefined || one.otherwise.kind === 'next_rule' ? [] : [say('; otherwise '), bold(otherwise(one.otherwise, vocabulary))]),
    ];
}

/** The rule as one sentence. */
export function sentence(rule: Rule, vocabulary: Vocabulary): Piece[] {
    const top = topGroup(rule.if);
    const asks = top.parts.length === 0 ? [say(', whatever it is')] : [say(', if '), ...criteria({ [top.kind]: top.parts } as Criteria, vocabulary, false)];
    const then = (rule.then ?? []).map(followUp);
    return [
        say('When a task arrives'),
        ...asks,
        ...(rule.give === undefined ? [] : give(rule.give, vocabulary)),
        ...(then.length === 0 ? [] : [say(rule.give === undefined ? ', ' : '; then '), bold(then.join(', '))]),
        say('.'),
    ];
}

/** A name made from what the rule does. */
export function proposedName(rule: Rule, vocabulary: Vocabulary): string {
    const values = topGroup(rule.if)
        .parts.filter((part): part is Comparison => groupOf(part) === null)
        .map((part) => {
            const said = saidValue(part.value, part.field, vocabulary);
            return typeof part.value === 'boolean' ? `${fieldOf(vocabulary, part.field)?.label ?? ''} ${said}` : said;
        })
        .filter((text) => text !== '');
    const what = values.length === 0 ? 'Any task' : values.slice(0, 3).join(', ');
    if (rule.give === undefined) return `${what}: ${(rule.then ?? []).map(followUp).join(', ')}`;
    const how = { round_robin: 'round', lightest_load: 'lightest load of', in_order: 'in order', same_person: '', open: 'open to' }[rule.give.method.kind];
    return `${what} → ${how} ${saidPool(rule.give.pool, vocabulary)}`.replace(/\s+/g, ' ').trim();
}
