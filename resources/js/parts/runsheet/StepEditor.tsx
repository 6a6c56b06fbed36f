import type { SheetBlock } from '@props/Runsheets/RunsheetEditorPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { asked } from '@/lib/about';
import { BLANK, topGroup } from '@/lib/criteria';
import { kindOf } from '@/lib/describe';
import { say } from '@/lib/words';
import { CriteriaEditor } from '@/parts/rule/CriteriaEditor';
import { PartLines } from '@/parts/rule/PartLines';
import { blankPart } from '@/parts/rule/PartEditor';
import { WordChoice } from '@/parts/rule/Word';
import { Button } from '@/ui/Button';
import { Line } from '@/ui/Line';

type Props = {
    block: SheetBlock;
    /** as sheetVocabulary has it */
    vocabulary: Vocabulary;
    onChange: (more: { [Name in keyof SheetBlock]?: SheetBlock[Name] | undefined }, what?: string) => void;
};

/** Under which conditions a block applies. */
export function AppliesIf({ block, vocabulary, onChange }: Props) {
    const top = topGroup(block.if);
    return (
        <Line word={say('runsheet.applies')}>
            {block.if === undefined ? (
                <button
                    type="button"
                    className="word"
                    aria-label={`${say('runsheet.applies')}: ${say('runsheet.always')}`}
                    onClick={() => onChange({ if: BLANK })}
                >
                    {say('runsheet.always')}
                </button>
            ) : (
                <>
                    <CriteriaEditor
                        kind={top.kind}
                        parts={top.parts}
                        vocabulary={asked(vocabulary, vocabulary.about ?? 'task')}
                        onChange={(next) => onChange({ if: next })}
                    />
                    <Button look="quiet" className="min-h-6 text-ink2" onClick={() => onChange({ if: undefined })}>
                        {say('runsheet.apply_always')}
                    </Button>
                </>
            )}
        </Line>
    );
}

/** A step as lines whose words are the controls. */
export function StepEditor({ block, vocabulary, onChange }: Props) {
    const does = block.does ?? { kind: '' };
    const kinds = vocabulary.kinds.step.filter((one) => vocabulary.about !== 'house' || one.kind !== 'approval');
    return (
        <div className="mt-1">
            <Line word={say('runsheet.kind')}>
                <WordChoice
                    label={say('runsheet.kind')}
                    value={does.kind}
                    options={kinds.map((one) => ({ value: one.kind, label: say(`step.${one.kind}.name`) }))}
                    onChange={(kind) => {
                        const chosen = kindOf(vocabulary, 'step', kind);
                        if (chosen !== undefined)
                            onChange({
                                does: {
                                    ...blankPart(chosen),
                                    ...(kind === 'task' ? { title: block.name ?? '' } : {}),
                                },
                            });
                    }}
                />
            </Line>
            <PartLines
                family="step"
                part={does}
                vocabulary={vocabulary}
                onChange={(next) => onChange({ does: next }, `does ${block.key}`)}
            />
            <AppliesIf block={block} vocabulary={vocabulary} onChange={onChange} />
            <Line word={say('runsheet.if_dropped')}>
                <WordChoice
                    label={say('runsheet.if_dropped')}
                    value={String(block.needed ?? true)}
                    options={['true', 'false'].map((value) => ({ value, label: say(`runsheet.needed.${value}`) }))}
                    onChange={(value) => onChange({ needed: value === 'true' ? undefined : false })}
                />
            </Line>
        </div>
    );
}
