import type { Comparison, CriteriaValue } from '@props/RulebookPage';
import type { FieldInfo, OperatorInfo, Vocabulary } from '@props/Vocabulary';
import { durationOf, minutesOf } from '@/lib/criteria';
import { WordChoice, WordChoices, WordList, WordNumber, WordText } from './Word';

type One = string | number | boolean | undefined;
type Props = { field: FieldInfo; operator: OperatorInfo; comparison: Comparison; vocabulary: Vocabulary; onChange: (value: CriteriaValue) => void };

function OneValue({ field, value, vocabulary, onChange, label }: { field: FieldInfo; value: One; vocabulary: Vocabulary; onChange: (value: string | number | boolean) => void; label: string }) {
    switch (field.type) {
        case 'yes_no':
            return <WordChoice label={label} value={value === undefined ? '' : value === true ? 'yes' : 'no'} options={[{ value: 'yes', label: 'yes' }, { value: 'no', label: 'no' }]} onChange={(next) => onChange(next === 'yes')} />;
        case 'number':
            return <WordNumber label={label} whole={false} value={typeof value === 'number' ? value : null} onChange={onChange} />;
        case 'money':
            return (
                <>
                    {vocabulary.currency} <WordNumber label={label} whole={false} value={typeof value === 'number' ? value : null} onChange={onChange} />
                </>
            );
        case 'duration':
            return (
                <>
                    <WordNumber label={`${label} in minutes`} value={typeof value === 'string' && value !== '' ? minutesOf(value) : null} onChange={(minutes) => onChange(durationOf(minutes))} /> minutes
                </>
            );
        case 'date':
            return <WordText label={label} type="date" value={value === undefined ? '' : String(value)} onChange={onChange} />;
        case 'one_of':
        case 'many_of':
            return <WordChoice label={label} value={value === undefined ? '' : String(value)} options={field.options} onChange={onChange} />;
        case 'person':
            return <WordChoice label={label} value={value === undefined ? '' : String(value)} options={vocabulary.people} onChange={onChange} />;
        case 'text':
        case 'tags':
            return <WordText label={label} value={value === undefined ? '' : String(value)} onChange={onChange} />;
    }
}

/** The value of a comparison, in whatever shape the operator asks for. */
export function ValueEditor({ field, operator, comparison, vocabulary, onChange }: Props) {
    const label = `Value for ${field.label}`;
    const value = comparison.value;
    const list = Array.isArray(value) ? value : [];
    switch (operator.shape) {
        case 'nothing':
            return null;
        case 'days':
            return <WordNumber label={`${label} in days`} value={typeof value === 'number' ? value : null} onChange={onChange} />;
        case 'one':
            return <OneValue field={field} value={Array.isArray(value) ? undefined : value} vocabulary={vocabulary} onChange={onChange} label={label} />;
        case 'several': {
            const options = field.type === 'person' ? vocabulary.people : field.options;
            if (options.length > 0) return <WordChoices label={label} values={list.map(String)} options={options} onChange={onChange} />;
            return <WordList label={label} values={list} numbers={field.type === 'number' || field.type === 'money'} onChange={onChange} />;
        }
        case 'pair': {
            const set = (index: number, next: string | number | boolean): void => onChange([0, 1].map((at) => (at === index && typeof next !== 'boolean' ? next : (list[at] ?? ''))));
            return (
                <>
                    <OneValue field={field} value={list[0]} vocabulary={vocabulary} onChange={(next) => set(0, next)} label={`${label}, from`} /> and{' '}
                    <OneValue field={field} value={list[1]} vocabulary={vocabulary} onChange={(next) => set(1, next)} label={`${label}, to`} />
                </>
            );
        }
    }
}
