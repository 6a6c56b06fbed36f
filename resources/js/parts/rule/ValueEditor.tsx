import type { Comparison, CriteriaValue } from '@props/Rules/RulebookPage';
import type { FieldInfo, OperatorInfo, Vocabulary } from '@props/Rules/Vocabulary';
import { offeredOptions } from '@/lib/options';
import { say } from '@/lib/words';
import { WordChoice, WordChoices, WordList } from './Word';
import { OneValue } from './OneValue';
import { DistanceValue, FieldValue, VaryingValue } from './VaryingValue';

type Props = {
    field: FieldInfo;
    operator: OperatorInfo;
    comparison: Comparison;
    vocabulary: Vocabulary;
    onChange: (value: CriteriaValue) => void;
};

/** The value of a comparison, in whatever shape the operator asks for. */
export function ValueEditor({ field, operator, comparison, vocabulary, onChange }: Props) {
    const label = say('screen.value_editor.value_for', { field: field.label });
    const value = comparison.value;
    const list = Array.isArray(value) ? value : [];
    switch (operator.shape) {
        case 'nothing':
            return null;
        case 'days':
            return (
                <DistanceValue
                    ahead={operator.code === 'within_next'}
                    value={value}
                    onChange={onChange}
                    label={label}
                />
            );
        case 'one':
            return (
                <VaryingValue field={field} value={value} vocabulary={vocabulary} onChange={onChange} label={label} />
            );
        case 'field':
            return <FieldValue field={field} value={value} vocabulary={vocabulary} onChange={onChange} label={label} />;
        case 'team':
            return (
                <WordChoice
                    label={label}
                    value={value === undefined ? '' : String(value)}
                    options={vocabulary.teams}
                    onChange={onChange}
                />
            );
        case 'several': {
            const options = field.type === 'person' ? vocabulary.people : offeredOptions(field.options, list);
            if (options.length > 0)
                return <WordChoices label={label} values={list.map(String)} options={options} onChange={onChange} />;
            return (
                <WordList
                    label={label}
                    values={list}
                    numbers={field.type === 'number' || field.type === 'money'}
                    onChange={onChange}
                />
            );
        }
        case 'from_to':
        case 'pair': {
            const set = (index: number, next: string | number | boolean): void =>
                onChange([0, 1].map((at) => (at === index && typeof next !== 'boolean' ? next : (list[at] ?? ''))));
            return (
                <>
                    {operator.shape === 'from_to' && `${say('screen.value_editor.from')} `}
                    <OneValue
                        field={field}
                        value={list[0]}
                        vocabulary={vocabulary}
                        onChange={(next) => set(0, next)}
                        label={say('screen.value_editor.label_from', { label })}
                    />{' '}
                    {operator.shape === 'from_to' ? say('screen.value_editor.to') : say('screen.value_editor.and')}{' '}
                    <OneValue
                        field={field}
                        value={list[1]}
                        vocabulary={vocabulary}
                        onChange={(next) => set(1, next)}
                        label={say('screen.value_editor.label_to', { label })}
                    />
                </>
            );
        }
    }
}
