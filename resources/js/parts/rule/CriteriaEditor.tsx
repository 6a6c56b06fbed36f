import type { Comparison, Criteria } from '@props/Rules/RulebookPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import {
    BLANK,
    fieldOf,
    groupOf,
    makeGroup,
    comparable,
    operatorsFor,
    withField,
    withOperator,
    type GroupKind,
} from '@/lib/criteria';
import { operatorWords } from '@/lib/describe';
import { Button } from '@/ui/Button';
import { ValueEditor } from './ValueEditor';
import { WordChoice } from './Word';
import { useAdded } from '@/lib/useAdded';
import { say } from '@/lib/words';

const KINDS = (['all', 'any', 'none'] as const).map((value) => ({
    value,
    label: say('screen.criteria_editor.kind', { kind: value }),
}));

const DEEPEST = 3;

function ComparisonLine({
    comparison,
    vocabulary,
    onChange,
}: {
    comparison: Comparison;
    vocabulary: Vocabulary;
    onChange: (next: Comparison) => void;
}) {
    const field = fieldOf(vocabulary, comparison.field);
    const operators = field === undefined ? [] : operatorsFor(vocabulary, field);
    const operator = operators.find((one) => one.code === comparison.op);
    return (
        <>
            <WordChoice
                label={say('screen.criteria_editor.field')}
                value={comparison.field}
                options={comparable(vocabulary, comparison.field).map((one) => ({ value: one.path, label: one.label }))}
                onChange={(path) => {
                    const next = fieldOf(vocabulary, path);
                    if (next !== undefined) onChange(withField(comparison, next, vocabulary));
                }}
            />{' '}
            {field !== undefined && (
                <WordChoice
                    label={say('screen.criteria_editor.how', { field: field.label })}
                    value={comparison.op}
                    options={operators.map((one) => ({
                        value: one.code,
                        label: operatorWords(one.code, '…').replace(/ …$/, ''),
                    }))}
                    onChange={(code) => {
                        const next = operators.find((one) => one.code === code);
                        if (next !== undefined) onChange(withOperator(comparison, next, vocabulary));
                    }}
                />
            )}{' '}
            {field !== undefined && operator !== undefined && (
                <ValueEditor
                    field={field}
                    operator={operator}
                    comparison={comparison}
                    vocabulary={vocabulary}
                    onChange={(value) => onChange({ ...comparison, value })}
                />
            )}
        </>
    );
}

type Props = {
    kind: GroupKind;
    parts: Criteria[];
    vocabulary: Vocabulary;
    onChange: (next: Criteria) => void;
    depth?: number;
    /** where the group is in the rule, and for how many recent tasks the comparisons in it hold, by their places */
    pointer?: string;
    counts?: Record<string, number>;
};

/** For how many recent tasks a comparison holds by itself. */
function Count({ count }: { count: number | undefined }) {
    return count === undefined ? null : (
        <span className="ms-2 text-xs text-ink2 tabular-nums">{say('screen.trial.holds_for', { count })}</span>
    );
}

/** A group as lines of the sentence; a group within it is indented. */
export function CriteriaEditor(props: Props) {
    const { kind, parts, vocabulary, onChange, depth = 0, pointer = '/if', counts = {} } = props;
    const at = (index: number): string => `${pointer}/${kind}/${index}`;
    const set = (index: number, next: Criteria): void =>
        onChange(
            makeGroup(
                kind,
                parts.map((part, at) => (at === index ? next : part)),
            ),
        );
    const join = say('screen.criteria_editor.join', { kind });
    const [list, adding] = useAdded<HTMLUListElement>(parts.length);
    const add = (part: Criteria): void => {
        adding();
        onChange(makeGroup(kind, [...parts, part]));
    };
    return (
        <div className={depth === 0 ? '' : 'border-s-2 border-line ps-3'}>
            {(parts.length > 1 || kind === 'none' || depth > 0) && (
                <p>
                    <WordChoice
                        label={say('screen.criteria_editor.how_the_criteria_go')}
                        value={kind}
                        options={KINDS}
                        onChange={(next) => onChange(makeGroup(next as GroupKind, parts))}
                    />
                    :
                </p>
            )}
            {parts.length === 0 && depth === 0 && (
                <p className="pt-0.5">{say('screen.criteria_editor.whatever_it_is')}</p>
            )}
            <ul ref={list}>
                {parts.map((part, index) => {
                    const group = groupOf(part);
                    return (
                        <li key={index} className="flex items-start gap-2 py-0.5">
                            <span className="w-7 shrink-0 pt-1 text-end text-ink2">{index === 0 ? '' : join}</span>
                            <div className="min-w-0 flex-1">
                                {group === null ? (
                                    <>
                                        <ComparisonLine
                                            comparison={part as Comparison}
                                            vocabulary={vocabulary}
                                            onChange={(next) => set(index, next)}
                                        />
                                        <Count count={counts[at(index)]} />
                                    </>
                                ) : (
                                    <CriteriaEditor
                                        kind={group.kind}
                                        parts={group.parts}
                                        vocabulary={vocabulary}
                                        depth={depth + 1}
                                        pointer={at(index)}
                                        counts={counts}
                                        onChange={(next) => set(index, next)}
                                    />
                                )}
                            </div>
                            <Button
                                look="quiet"
                                className="min-h-6 text-ink2"
                                aria-label={say('screen.criteria_editor.take_out_this_criterion')}
                                onClick={() =>
                                    onChange(
                                        makeGroup(
                                            kind,
                                            parts.filter((_, at) => at !== index),
                                        ),
                                    )
                                }
                            >
                                {say('screen.common.take_out')}
                            </Button>
                        </li>
                    );
                })}
            </ul>
            <p className="ps-9">
                <Button look="quiet" onClick={() => add(BLANK)}>
                    {parts.length === 0
                        ? say('screen.criteria_editor.add_a_criterion')
                        : say('screen.criteria_editor.add_joined', { kind })}
                </Button>
                {depth < DEEPEST && (
                    <Button look="quiet" onClick={() => add(makeGroup(kind === 'any' ? 'all' : 'any', [BLANK]))}>
                        {say('screen.criteria_editor.a_group_of_criteria')}
                    </Button>
                )}
            </p>
        </div>
    );
}
