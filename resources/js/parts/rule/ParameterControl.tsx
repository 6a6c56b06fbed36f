import type { Control } from '@props/Rules/Control';
import type { Criteria, Give, Part } from '@props/Rules/RulebookPage';
import type { Family } from '@props/Rules/Vocabulary';
import type { ReactNode } from 'react';
import { asked } from '@/lib/about';
import { topGroup } from '@/lib/criteria';
import { optionsOf } from '@/lib/parameterOptions';
import { itemsOf } from '@/lib/parameters';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { CriteriaEditor } from './CriteriaEditor';
import { GiveEditor } from './GiveEditor';
import { PartEditor } from './PartEditor';
import { type ControlProps, SIMPLE } from './SimpleControls';
import { WordChoices, WordList } from './Word';

type Props = Omit<ControlProps, 'label'>;

/** A list: ticked where there are options, otherwise one below the other. */
function ListControl({ type, name, label, value, vocabulary, depth, onChange }: ControlProps) {
    const of = itemsOf(type);
    const items: unknown[] = Array.isArray(value) ? value : [];
    const options = optionsOf(of, name, vocabulary);
    if (options !== null)
        return <WordChoices label={label} values={items.map(String)} options={options} onChange={onChange} />;
    if (of.control !== 'part') return <WordList label={label} values={items.map(String)} onChange={onChange} />;
    const rows = items.length === 0 ? [undefined] : items;
    const all = type.bounds.all === true;
    const between = all ? say('screen.parameter_control.and') : say('rule.or').trimStart();
    return (
        <span className="block border-s-2 border-line ps-3">
            {rows.map((item, index) => (
                <span key={index} className="block">
                    {index > 0 && between}
                    <ParameterControl
                        type={of}
                        name={name}
                        value={item}
                        vocabulary={vocabulary}
                        depth={depth + 1}
                        onChange={(next) => onChange(rows.map((one, at) => (at === index ? next : one)))}
                    />
                    {rows.length > 1 && (
                        <Button
                            look="quiet"
                            className="min-h-6 text-ink2"
                            onClick={() => onChange(rows.filter((_, at) => at !== index))}
                        >
                            {say('screen.common.take_out')}
                        </Button>
                    )}
                </span>
            ))}
            <Button look="quiet" onClick={() => onChange([...rows, { kind: '' }])}>
                {all ? say('screen.parameter_control.and_more') : say('screen.parameter_control.or')}
            </Button>
        </span>
    );
}

/** What an optional parameter begins with when it is asked for. */
const BEGINNINGS: Partial<Record<Control, unknown>> = {
    time_of_day: '09:00',
    list: [],
    part: { kind: '' },
    people_or_team: { people: [] },
    minutes: 'PT30M',
    merged_text: '',
};

/** A parameter that may be left out: said as such until it is asked for. */
export function OptionalControl(props: Props): ReactNode {
    const { type, name, value, onChange } = props;
    const label = say(`parameter.${name}.label`).toLocaleLowerCase();
    if (value === undefined || value === null) {
        const said = say('rule.any', { name, control: type.control });
        return (
            <button
                type="button"
                className="word"
                aria-label={`${label}: ${said}`}
                onClick={() => onChange(BEGINNINGS[type.control] ?? '')}
            >
                {said}
            </button>
        );
    }
    return (
        <>
            <ParameterControl {...props} />{' '}
            <Button
                look="quiet"
                className="min-h-6 text-ink2"
                aria-label={say('screen.parameter_control.leave_out_of', { label })}
                onClick={() => onChange(undefined)}
            >
                {say('screen.parameter_control.leave_out')}
            </Button>
        </>
    );
}

function InnerPart({ type, value, vocabulary, depth, onChange }: ControlProps) {
    const { about } = vocabulary;
    return (
        <PartEditor
            family={type.bounds.family as Family}
            only={type.bounds.values?.map(String)}
            {...(type.bounds.family === 'follow_up' && about !== undefined ? { about } : {})}
            part={value as Part | undefined}
            vocabulary={vocabulary}
            depth={depth + 1}
            onChange={onChange}
        />
    );
}

/** Criteria, as a rule has them. */
function Condition({ value, vocabulary, onChange }: ControlProps) {
    const top = topGroup(value as Criteria | undefined);
    return (
        <CriteriaEditor
            kind={top.kind}
            parts={top.parts}
            vocabulary={asked(vocabulary, vocabulary.about ?? 'case')}
            onChange={onChange}
        />
    );
}

/** To whom a task that is made is given. */
function GiveControl({ value, vocabulary, onChange }: ControlProps) {
    return <GiveEditor give={(value ?? {}) as Give} about="task" ofNew vocabulary={vocabulary} onChange={onChange} />;
}

const CONTROLS: Record<Control, (props: ControlProps) => ReactNode> = {
    ...SIMPLE,
    part: InnerPart,
    list: ListControl,
    condition: Condition,
    give: GiveControl,
};

/** The control of a parameter: one for each type of parameters, none for a kind of its own. */
export function ParameterControl(props: Props): ReactNode {
    const Chosen = CONTROLS[props.type.control];
    return <Chosen {...props} label={say(`parameter.${props.name}.label`)} />;
}
