import type { Part } from '@props/Rules/RulebookPage';
import type { About, Family, KindInfo, Vocabulary } from '@props/Rules/Vocabulary';
import { Fragment, type ReactNode } from 'react';
import { fits } from '@/lib/about';
import { kindOf, wordsOf } from '@/lib/describe';
import { say, sayWith } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';
import { OptionalControl, ParameterControl } from './ParameterControl';
import { WordChoice } from './Word';

/** Parts within parts end somewhere. */
const DEEPEST = 3;

const labelOf = (family: Family): string => say('screen.part_editor.family', { family });

/** What parameters of a control may begin with, such as the name of a new rotation. */
type Proposals = Record<string, string>;

/** A part of which only the kind and what has a default is chosen; the rest is blank, and blank is unfinished. */
export function blankPart(kind: KindInfo, before?: Part, proposals: Proposals = {}): Part {
    const part: Part = { kind: kind.kind };
    for (const parameter of kind.parameters) {
        if (
            parameter.control === 'part' &&
            before !== undefined &&
            kind.parameters.find((one) => one.control === 'part') === parameter
        )
            part[parameter.name] = before;
        else if (parameter.default !== null) part[parameter.name] = parameter.default;
        else if (proposals[parameter.control] !== undefined) part[parameter.name] = proposals[parameter.control];
    }
    return part;
}

function nests(kind: KindInfo): boolean {
    return kind.parameters.some(
        (parameter) =>
            parameter.control === 'part' ||
            (typeof parameter.bounds.of === 'object' && parameter.bounds.of.control === 'part'),
    );
}

/** The part with a parameter; undefined leaves it out. */
export function withParameter(part: Part, name: string, value: unknown): Part {
    if (value !== undefined) return { ...part, [name]: value };
    return Object.fromEntries(Object.entries(part).filter(([one]) => one !== name)) as Part;
}

/** The sentence of a kind with the controls of its parameters in its slots. */
export function Slots({
    family,
    kind,
    part,
    vocabulary,
    depth,
    onChange,
}: {
    family: Family;
    kind: KindInfo;
    part: Part;
    vocabulary: Vocabulary;
    depth: number;
    onChange: (part: Part) => void;
}) {
    if (kind.parameters.length === 0) return null;
    const slots: Record<string, { control: ReactNode } | string | number> = {};
    for (const parameter of kind.parameters) {
        const value = part[parameter.name] ?? parameter.default ?? undefined;
        const Control = parameter.required || parameter.default !== null ? ParameterControl : OptionalControl;
        slots[parameter.name] = {
            control: (
                <Control
                    type={parameter}
                    name={parameter.name}
                    value={value}
                    vocabulary={vocabulary}
                    depth={depth}
                    onChange={(next) => onChange(withParameter(part, parameter.name, next))}
                />
            ),
        };
        slots[`${parameter.name}_code`] = '';
        slots[`${parameter.name}_count`] = Array.isArray(value) ? value.length : Number(value) || 0;
    }
    return (
        <>
            {sayWith<{ control: ReactNode }>(wordsOf(family, part.kind, 'edit'), slots).map((piece, index) => (
                <Fragment key={index}>{typeof piece === 'string' ? piece : piece.control}</Fragment>
            ))}
        </>
    );
}

type Props = {
    family: Family;
    part: Part | undefined;
    vocabulary: Vocabulary;
    onChange: (part: Part) => void;
    depth?: number;
    proposals?: Proposals;
    only?: string[] | undefined;
    about?: About;
};

/** One part of a rule: its kind as a word of the sentence, then its own words with their controls. */
export function PartEditor({ family, part, vocabulary, onChange, depth = 0, proposals = {}, only, about }: Props) {
    const kinds = vocabulary.kinds[family].filter(
        (kind) =>
            (depth < DEEPEST || !nests(kind)) &&
            (only === undefined || only.includes(kind.kind)) &&
            (about === undefined || fits(kind, about)),
    );
    const kind = part === undefined ? undefined : kindOf(vocabulary, family, part.kind);
    return (
        <>
            <WordChoice
                label={labelOf(family)}
                value={part?.kind ?? ''}
                options={kinds.map((one) => ({ value: one.kind, label: say(`${family}.${one.kind}.name`) }))}
                onChange={(next) => {
                    const chosen = kindOf(vocabulary, family, next);
                    if (chosen !== undefined)
                        onChange(
                            blankPart(
                                chosen,
                                nests(chosen) && part !== undefined && part.kind !== '' ? part : undefined,
                                proposals,
                            ),
                        );
                }}
            />{' '}
            {part !== undefined && kind !== undefined && (
                <Slots
                    family={family}
                    kind={kind}
                    part={part}
                    vocabulary={vocabulary}
                    depth={depth}
                    onChange={onChange}
                />
            )}
        </>
    );
}

type ListProps = {
    family: Family;
    parts: Part[];
    vocabulary: Vocabulary;
    add: string;
    /** kinds that are offered; without it, all */
    only?: string[];
    /** what the rule is about */
    about?: About;
    onChange: (parts: Part[]) => void;
};

/** Several parts of a family, one below the other, each its own sentence. */
export function PartsEditor({ family, parts, vocabulary, add, only, about, onChange }: ListProps) {
    return (
        <>
            {parts.map((part, index) => {
                const kind = kindOf(vocabulary, family, part.kind);
                return (
                    <div key={index}>
                        {kind === undefined && part.kind}
                        {kind?.parameters.length === 0 && say(wordsOf(family, part.kind, 'edit'))}
                        {kind !== undefined && (
                            <Slots
                                family={family}
                                kind={kind}
                                part={part}
                                vocabulary={vocabulary}
                                depth={0}
                                onChange={(next) => onChange(parts.map((one, at) => (at === index ? next : one)))}
                            />
                        )}
                        <Button
                            look="quiet"
                            className="min-h-6 text-ink2"
                            aria-label={say('screen.part_editor.take_out', {
                                part: labelOf(family).toLocaleLowerCase(),
                                number: index + 1,
                            })}
                            onClick={() => onChange(parts.filter((_, at) => at !== index))}
                        >
                            {say('screen.common.take_out')}
                        </Button>
                    </div>
                );
            })}
            <Menu
                trigger={<Button look="quiet">{add}</Button>}
                items={vocabulary.kinds[family]
                    .filter((kind) => only?.includes(kind.kind) !== false && (about === undefined || fits(kind, about)))
                    .map((kind) => ({
                        label: say(`${family}.${kind.kind}.name`),
                        run: () => onChange([...parts, blankPart(kind)]),
                    }))}
            />
        </>
    );
}
