import type { CriteriaValue, Rule } from '@props/Rules/RulebookPage';
import type { RuleColumn } from '@props/Rules/RuleTablePage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { cellAt, valueAt, withValue } from '@/lib/ruleTable';
import { OneValue } from '@/parts/rule/OneValue';
import { OptionalControl, ParameterControl } from '@/parts/rule/ParameterControl';
import { ValueEditor } from '@/parts/rule/ValueEditor';

/** A value of a rule in its table, edited in place by what edits it in the sentence. */
export function TableCell({
    rule,
    column,
    vocabulary,
    onChange,
}: {
    rule: Rule;
    column: RuleColumn;
    vocabulary: Vocabulary;
    onChange: (rule: Rule) => void;
}) {
    const cell = cellAt(rule, column.pointer, vocabulary);
    const value = valueAt(rule, column.pointer);
    const set = (next: unknown): void => onChange(withValue(rule, column.pointer, next));
    switch (cell?.of) {
        case 'comparison':
            return cell.operator.shape === 'one' ? (
                <OneValue
                    field={cell.field}
                    value={value as string}
                    vocabulary={vocabulary}
                    onChange={set}
                    label={column.label}
                />
            ) : (
                <ValueEditor
                    field={cell.field}
                    operator={cell.operator}
                    comparison={{ ...cell.comparison, value: value as CriteriaValue }}
                    vocabulary={vocabulary}
                    onChange={set}
                />
            );
        case 'field':
            return (
                <OneValue
                    field={cell.field}
                    value={Array.isArray(value) ? String(value[0] ?? '') : (value as string)}
                    vocabulary={vocabulary}
                    onChange={(next) => set(Array.isArray(value) ? [next] : next)}
                    label={column.label}
                />
            );
        case 'parameter': {
            const { parameter } = cell;
            const Control = parameter.required || parameter.default !== null ? ParameterControl : OptionalControl;
            return (
                <Control
                    type={parameter}
                    name={parameter.name}
                    value={value ?? parameter.default ?? undefined}
                    vocabulary={vocabulary}
                    depth={0}
                    onChange={set}
                />
            );
        }
        default:
            return <span className="text-ink2">{JSON.stringify(value)}</span>;
    }
}
