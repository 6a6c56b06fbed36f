import type { Comparison, Criteria, CriteriaValue, Give, Part, Rule } from '@props/Rules/RulebookPage';
import type { About, Family, KindInfo, ParameterInfo, Vocabulary } from '@props/Rules/Vocabulary';
import { aboutOf } from './about';
import { fieldOf, groupOf, minutesOf, topGroup } from './criteria';
import { codeOf, describeDistance, describeDuration, describeParameter, describeRelative, labelOf } from './parameters';
import { hasWords, say } from './words';

/** A piece of a sentence; what can be changed is said in bold. */
export type Piece = { text: string; bold?: boolean };

const plain = (text: string): Piece => ({ text });
const bold = (text: string): Piece => ({ text, bold: true });

export function kindOf(vocabulary: Vocabulary, family: Family, kind: string): KindInfo | undefined {
    return vocabulary.kinds[family].find((one) => one.kind === kind);
}

/** The words of a kind in a variant; without words of its own for that, those of "say". */
export function wordsOf(family: Family, kind: string, variant: string): string {
    const path = `${family}.${kind}.${variant}`;
    return hasWords(path) ? path : `${family}.${kind}.say`;
}

/** The slots of a kind's sentence: {x} as one says it, {x_code} a code, {x_count} a number or how many. */
export function slotsOf(
    parameters: ParameterInfo[],
    part: Part,
    vocabulary: Vocabulary,
    variant: string,
): Record<string, string | number> {
    const slots: Record<string, string | number> = {};
    const inner = (family: Family, one: Part): string => describePart(family, one, vocabulary, variant);
    const fieldValue = (value: unknown, path: string): string =>
        describeCriteriaValue(value as CriteriaValue | undefined, path, vocabulary);
    for (const parameter of parameters) {
        const value = part[parameter.name] ?? parameter.default;
        slots[parameter.name] = describeParameter({
            type: parameter,
            name: parameter.name,
            value,
            vocabulary,
            part: inner,
            fieldValue,
            criteria: (one) => describeCriteria(one as Criteria, vocabulary),
        });
        slots[`${parameter.name}_code`] = codeOf(parameter, value);
        slots[`${parameter.name}_count`] = Array.isArray(value) ? value.length : Number(value) || 0;
    }
    return slots;
}

/** A part of a rule by the sentence of its kind, as app/Explain/PartWords.php says it. */
export function describePart(family: Family, part: Part | undefined, vocabulary: Vocabulary, variant = 'say'): string {
    const kind = part === undefined ? undefined : kindOf(vocabulary, family, part.kind);
    if (part === undefined || kind === undefined)
        return part === undefined || part.kind === '' ? say('rule.blank') : part.kind;
    return say(wordsOf(family, part.kind, variant), slotsOf(kind.parameters, part, vocabulary, variant));
}

export function describeCriteriaValue(value: CriteriaValue | undefined, path: string, vocabulary: Vocabulary): string {
    if (value === undefined || value === '') return say('rule.blank');
    if (Array.isArray(value))
        return value.length === 0
            ? say('rule.blank')
            : value.map((one) => describeCriteriaValue(one, path, vocabulary)).join(', ');
    if (typeof value === 'boolean') return say(value ? 'value.yes' : 'value.no');
    if (typeof value === 'object') {
        if ('now' in value) return value.now === '' ? say('rule.blank') : describeRelative(value.now);
        return value.field === ''
            ? say('rule.blank')
            : say('value.of_field', { field: fieldOf(vocabulary, value.field)?.label ?? value.field });
    }
    const field = fieldOf(vocabulary, path);
    if (field?.type === 'money') return `${vocabulary.currency} ${value}`;
    if (field?.type === 'duration') return describeDuration(minutesOf(String(value)));
    if (field?.type === 'person') return labelOf(vocabulary.people, String(value));
    return field === undefined ? String(value) : labelOf(field.options, String(value));
}

/** An operator's words around its value. */
export function operatorWords(code: string, value: string, count = 0): string {
    return hasWords(`operator.${code}`) ? say(`operator.${code}`, { value, value_count: count }) : `${code} ${value}`;
}

/** What a field is compared with, as the operator means it. */
function describeOperand(one: Comparison, vocabulary: Vocabulary): string {
    const { value } = one;
    const shape = vocabulary.operators.find((operator) => operator.code === one.op)?.shape;
    if (shape === 'team')
        return value === undefined || value === '' ? say('rule.blank') : labelOf(vocabulary.teams, String(value));
    if (shape === 'days' && typeof value === 'object' && 'now' in value)
        return value.now === '' ? say('rule.blank') : describeDistance(value.now);
    if (shape === 'pair' && Array.isArray(value) && value.length === 2) {
        const [low, high] = value.map((each) => describeCriteriaValue(each, one.field, vocabulary));
        return say('value.pair', { low: low ?? '', high: high ?? '' });
    }
    if (shape === 'from_to' && Array.isArray(value)) {
        const said = [0, 1].map((at) => describeCriteriaValue(value[at], one.field, vocabulary));
        return say('value.from_to', { from: said[0] ?? '', to: said[1] ?? '' });
    }
    return describeCriteriaValue(value, one.field, vocabulary);
}

function comparison(one: Comparison, vocabulary: Vocabulary): Piece[] {
    const label = one.field === '' ? say('rule.blank') : (fieldOf(vocabulary, one.field)?.label ?? one.field);
    const value = describeOperand(one, vocabulary);
    const [before, after] = operatorWords(one.op, '\u0000', typeof one.value === 'number' ? one.value : 0).split(
        '\u0000',
    );
    return [plain(`${label} ${before ?? ''}`), ...(after === undefined ? [] : [bold(value), plain(after)])];
}

function criteria(one: Criteria, vocabulary: Vocabulary, nested: boolean): Piece[] {
    const group = groupOf(one);
    if (group === null) return comparison(one as Comparison, vocabulary);
    const parts = group.parts.map((part) => criteria(part, vocabulary, true));
    const joined = parts.flatMap((part, index) =>
        index === 0 ? part : [plain(say(group.kind === 'all' ? 'rule.and' : 'rule.or')), ...part],
    );
    if (group.kind === 'none') return [...around('rule.none', 'criteria', joined)];
    return nested && parts.length > 1 ? [plain('('), ...joined, plain(')')] : joined;
}

/** Criteria as a text. */
export function describeCriteria(one: Criteria, vocabulary: Vocabulary): string {
    return criteria(one, vocabulary, false)
        .map(({ text }) => text)
        .join('');
}

/** Words with pieces in the place of a slot. */
function around(path: string, slot: string, pieces: Piece[]): Piece[] {
    const [before, after] = say(path, { [slot]: '\u0000' }).split('\u0000');
    return [plain(before ?? ''), ...pieces, plain(after ?? '')];
}

function give(one: Give, about: About, vocabulary: Vocabulary): Piece[] {
    const seat = about !== 'task' ? 'own' : one.seat === 'reviewer' ? 'review' : 'give';
    const [before, between, after] = say(`rule.${seat}`, {
        pool: '\u0000',
        method: '\u0000',
    }).split('\u0000');
    return [
        plain(before ?? ''),
        bold(describePart('pool', one.pool, vocabulary)),
        plain(between ?? ''),
        bold(describePart('method', one.method, vocabulary)),
        plain(after ?? ''),
        ...(one.anew === true ? [plain(say('rule.anew'))] : []),
        ...(one.substitutes === true ? [plain(say('rule.substitutes'))] : []),
        ...(one.limits ?? []).flatMap((each) =>
            around('rule.limit', 'limit', [bold(describePart('limit', each, vocabulary))]),
        ),
        ...(one.otherwise === undefined || one.otherwise.kind === 'next_rule'
            ? []
            : around('rule.otherwise', 'otherwise', [bold(describePart('otherwise', one.otherwise, vocabulary))])),
    ];
}

/** The rule as one sentence; moments as the reader's formats say them. */
export function sentence(rule: Rule, vocabulary: Vocabulary, moment: (iso: string) => string): Piece[] {
    const top = topGroup(rule.if);
    const events = rule.when.map((event) => describePart('event', event, vocabulary)).join(say('rule.or'));
    const asks =
        top.parts.length === 0
            ? [plain(say('rule.anything'))]
            : around('rule.if', 'criteria', criteria({ [top.kind]: top.parts } as Criteria, vocabulary, false));
    const then = (rule.then ?? []).map((one) => describePart('follow_up', one, vocabulary)).join(', ');
    return [
        plain(say('rule.when', { events })),
        ...asks,
        ...(rule.give === undefined ? [] : give(rule.give, aboutOf(rule, vocabulary), vocabulary)),
        ...(then === ''
            ? []
            : around(rule.give === undefined ? 'rule.only_then' : 'rule.then', 'follow_ups', [bold(then)])),
        ...(rule.valid_from === undefined ? [] : around('rule.valid_from', 'from', [bold(moment(rule.valid_from))])),
        ...(rule.valid_until === undefined
            ? []
            : around('rule.valid_until', 'until', [bold(moment(rule.valid_until))])),
        plain('.'),
    ];
}

const LONGEST_NAME = 200;

/** A name made from what the rule does. */
export function proposedName(rule: Rule, vocabulary: Vocabulary): string {
    const values = topGroup(rule.if)
        .parts.filter((part): part is Comparison => groupOf(part) === null)
        .filter((part) => part.field !== '')
        .map((part) => {
            const said = describeCriteriaValue(part.value, part.field, vocabulary);
            if (typeof part.value !== 'boolean' && part.value !== undefined) return said;
            const label = fieldOf(vocabulary, part.field)?.label ?? '';
            return `${label} ${part.value === undefined ? operatorWords(part.op, '') : said}`.trim();
        });
    const what = values.length === 0 ? say('screen.rulebook.any_task') : values.slice(0, 3).join(', ');
    const said = (family: Family, one: Part | undefined) => describePart(family, one, vocabulary);
    const does =
        rule.give === undefined
            ? `: ${(rule.then ?? []).map((one) => said('follow_up', one)).join(', ')}`
            : ` → ${said('pool', rule.give.pool)}, ${said('method', rule.give.method)}`;
    const name = `${what}${does}`;
    return name.length > LONGEST_NAME ? `${name.slice(0, LONGEST_NAME - 1).trimEnd()}…` : name;
}
