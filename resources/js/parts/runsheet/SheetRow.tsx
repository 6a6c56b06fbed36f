import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { ChartStep, SheetBlock, TrialStep } from '@props/Runsheets/RunsheetEditorPage';
import type { Fault } from '@props/Rules/RulebookPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import type { ReactNode } from 'react';
import { fieldOf } from '@/lib/criteria';
import { describePart } from '@/lib/describe';
import { isHolder, type SheetRow as Row } from '@/lib/runsheet';
import type { SheetWork } from '@/lib/useSheet';
import type { TriedRun } from '@/lib/useSheetTrial';
import { say } from '@/lib/words';
import { WordChoice } from '@/parts/rule/Word';
import { Button } from '@/ui/Button';
import { AppliesIf, StepEditor } from './StepEditor';
import { TimeBar } from './TimeBar';
import { calledOf, isRoot, More, Name, Together } from './RowHead';
import { TrialLine } from './TrialLine';
import { saysFault } from '@/parts/written/WrittenAside';

type Props = {
    row: Row;
    /** its key as it is sent */
    sent: string;
    work: SheetWork;
    vocabulary: Vocabulary;
    faults: Fault[];
    bar: ChartStep | undefined;
    minutes: number;
    tried: TriedRun | null;
    state: TrialStep | undefined;
};

/** Whether a condition holds in the run that is tried. */
function Supposed({ block, sent, tried }: { block: SheetBlock; sent: string; tried: TriedRun }) {
    const holds = tried.holds[sent];
    return (
        <span className="block text-ink2">
            {say('runsheet.condition')}{' '}
            <WordChoice
                label={say('runsheet.condition_of', { step: calledOf(block) })}
                value={holds === undefined ? 'asked' : String(holds)}
                options={['true', 'false', ...(holds === undefined ? ['asked'] : [])].map((value) => ({
                    value,
                    label: say(`runsheet.supposed.${value}`),
                }))}
                onChange={(value) => tried.hold(sent, value === 'true')}
            />
        </span>
    );
}

/** The levels in which a row stands: a plain line for what comes in turn, a broken one for what stands side by side. */
function Levels({ lanes }: { lanes: boolean[] }): ReactNode {
    return lanes.map((isLane, level) => (
        <span
            key={level}
            aria-hidden
            className={`ms-2 w-3 shrink-0 ${isLane ? 'border-s-2 border-dashed border-pine' : 'border-s border-line'}`}
        />
    ));
}

/** A row in short: what it does, and when it applies. */
function Told({ block, work, vocabulary }: Pick<Props, 'work' | 'vocabulary'> & { block: SheetBlock }) {
    return (
        <p className="ps-9 text-ink2">
            {block.does?.kind === 'task' && block.does.task_kind === undefined ? (
                <WordChoice
                    label={say('runsheet.task_kind_of', { step: calledOf(block) })}
                    value=""
                    options={fieldOf(vocabulary, 'task.kind')?.options ?? []}
                    onChange={(kind) =>
                        work.deeds.put(block.key, {
                            does: { kind: 'task', ...block.does, task_kind: kind },
                        })
                    }
                />
            ) : (
                block.does !== undefined && describePart('step', block.does, vocabulary)
            )}
            {block.needed === false && ` · ${say('runsheet.not_needed')}`}
            {block.if !== undefined && ` · ${work.saysIf(block.if)}`}
        </p>
    );
}

/** A line of the outline: a step or what holds others, its editor where it is open, its time or its state beside it. */
export function SheetRow(props: Props) {
    const { row, sent, work, vocabulary, faults, bar, minutes, tried, state } = props;
    const { block } = row;
    const open = work.open === block.key;
    const holder = isHolder(block);
    const { setNodeRef, attributes, listeners, transform, transition } = useSortable({
        id: block.key,
        disabled: isRoot(row),
    });
    return (
        <li
            ref={setNodeRef}
            style={{ transform: CSS.Transform.toString(transform), transition }}
            data-step={block.key}
            aria-label={calledOf(block)}
            className="flex border-t border-line bg-paper px-2 first:border-0"
        >
            <Levels lanes={work.lanesOf(row)} />
            <div className="min-w-0 flex-1 py-1.5 ps-2">
                <div className="grid items-start gap-x-3 md:grid-cols-[1fr_230px]">
                    <div className="min-w-0">
                        <div className="flex items-center gap-1">
                            {!isRoot(row) && (
                                <button
                                    type="button"
                                    className="cursor-grab px-1 text-ink2"
                                    aria-label={say('runsheet.take_up_row', { step: calledOf(block) })}
                                    {...attributes}
                                    {...listeners}
                                >
                                    ⠿
                                </button>
                            )}
                            <span className="min-w-0 flex-1">
                                {holder ? <Together row={row} work={work} /> : <Name row={row} work={work} />}
                            </span>
                            <Button
                                look="quiet"
                                aria-expanded={open}
                                aria-label={say(open ? 'runsheet.close_of' : 'runsheet.edit_of', {
                                    step: calledOf(block),
                                })}
                                onClick={() => work.onOpen(open ? null : block.key)}
                            >
                                {open ? say('screen.common.close') : say('screen.rule_row.edit')}
                            </Button>
                            <More row={row} work={work} />
                        </div>
                        {!open && <Told block={block} work={work} vocabulary={vocabulary} />}
                    </div>
                    <div className="min-w-0">
                        {tried !== null && block.if !== undefined && (
                            <Supposed block={block} sent={sent} tried={tried} />
                        )}
                        {!holder && tried !== null && <TrialLine step={state} tried={tried} />}
                        {!holder && tried === null && minutes >= 0 && <TimeBar step={bar} minutes={minutes} />}
                    </div>
                </div>
                {open && holder && (
                    <AppliesIf
                        block={block}
                        vocabulary={vocabulary}
                        onChange={(more) => work.deeds.put(block.key, more)}
                    />
                )}
                {open && !holder && (
                    <StepEditor
                        block={block}
                        vocabulary={vocabulary}
                        onChange={(more, what) => work.deeds.put(block.key, more, what)}
                    />
                )}
                {faults.map((fault) => (
                    <p
                        key={fault.pointer + fault.reason}
                        className={`ps-9 ${fault.unfinished ? 'text-ochre' : 'text-brick'}`}
                    >
                        {saysFault(fault)}
                    </p>
                ))}
            </div>
        </li>
    );
}
