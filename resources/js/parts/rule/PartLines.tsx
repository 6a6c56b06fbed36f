import type { Part } from '@props/Rules/RulebookPage';
import type { Family, Vocabulary } from '@props/Rules/Vocabulary';
import { kindOf } from '@/lib/describe';
import { say } from '@/lib/words';
import { Line } from '@/ui/Line';
import { OptionalControl, ParameterControl } from './ParameterControl';
import { withParameter } from './PartEditor';

/** A part with a line for each of its parameters. */
export function PartLines({
    family,
    part,
    vocabulary,
    onChange,
}: {
    family: Family;
    part: Part;
    vocabulary: Vocabulary;
    onChange: (part: Part) => void;
}) {
    const parameters = kindOf(vocabulary, family, part.kind)?.parameters ?? [];
    return parameters.map((parameter) => {
        const Control = parameter.required || parameter.default !== null ? ParameterControl : OptionalControl;
        return (
            <Line key={parameter.name} word={say(`parameter.${parameter.name}.label`)}>
                <Control
                    type={parameter}
                    name={parameter.name}
                    value={part[parameter.name] ?? parameter.default ?? undefined}
                    vocabulary={vocabulary}
                    depth={0}
                    onChange={(next) => onChange(withParameter(part, parameter.name, next))}
                />
            </Line>
        );
    });
}
