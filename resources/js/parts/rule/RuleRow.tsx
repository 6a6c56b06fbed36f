import { useSortable } from '@dnd-kit/sortable';
import { router } from '@inertiajs/react';
import { CSS } from '@dnd-kit/utilities';
import type { Finding } from '@props/Rules/FindingsView';
import type { Fault, Rule } from '@props/Rules/RulebookPage';
import type { RuleTrial } from '@props/Rules/RuleTrial';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import type { ReactNode } from 'react';
import { startSweep } from '@/lib/sweeps';
import { say } from '@/lib/words';
import { Boundary } from '@/ui/Boundary';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';
import { FindingNotes, type FindingActions } from './FindingNotes';
import { RuleEditor } from './RuleEditor';
import { RuleSentence } from './RuleSentence';

export type RowActions = {
    change: (rule: Rule) => void;
    open: (id: string | null) => void;
    move: (id: string, by: number) => void;
    copy: (rule: Rule) => void;
    remove: (id: string) => void;
} & FindingActions;

type Props = {
    rule: Rule;
    place: number;
    last: boolean;
    vocabulary: Vocabulary;
    open: boolean;
    mayWrite: boolean;
    faults: Fault[];
    findings: Finding[];
    /** of the one that is open */
    trial: RuleTrial | null;
    note: string | null;
    /** names of others who have it open */
    here: string[];
    strip: ReactNode;
    actions: RowActions;
};

function RowMenu({ rule, place, last, open, actions }: Pick<Props, 'rule' | 'place' | 'last' | 'open' | 'actions'>) {
    const active = rule.active !== false;
    return (
        <span className="flex shrink-0 items-center">
            <Button
                look="quiet"
                aria-expanded={open}
                aria-label={say(open ? 'screen.rule_row.close_of' : 'screen.rule_row.edit_of', { place })}
                onClick={() => actions.open(open ? null : rule.id)}
            >
                {open ? say('screen.common.close') : say('screen.rule_row.edit')}
            </Button>
            <Menu
                trigger={
                    <Button look="quiet" aria-label={say('screen.rule_row.more_of', { place })}>
                        {say('screen.rule_row.more')}
                    </Button>
                }
                items={[
                    {
                        label: say(active ? 'screen.rule_row.pause' : 'screen.rule_row.take_out_of_pause'),
                        run: () => actions.change({ ...rule, active: !active }),
                    },
                    {
                        label: say('screen.rule_row.move_up'),
                        run: () => actions.move(rule.id, -1),
                        disabled: place === 1,
                    },
                    { label: say('screen.rule_row.move_down'), run: () => actions.move(rule.id, 1), disabled: last },
                    {
                        label: say('screen.why.try_it'),
                        run: () => router.get('/rulebook/why', { rule: rule.id }),
                    },
                    {
                        label: say('screen.rule_table.as_table'),
                        run: () => router.get('/rulebook/table', { rule: rule.id }),
                    },
                    { label: say('screen.sweeps.apply'), run: () => void startSweep({ rule: rule.id, filter: {} }) },
                    { label: say('screen.rule_row.copy'), run: () => actions.copy(rule) },
                    {
                        label: say('screen.rule_row.copy_as_text'),
                        run: () => void navigator.clipboard.writeText(JSON.stringify(rule, null, 2)),
                    },
                    { label: say('screen.rule_row.delete'), run: () => actions.remove(rule.id) },
                ]}
            />
        </span>
    );
}

export function RuleRow(props: Props) {
    const { rule, place, last, vocabulary, open, mayWrite, faults, findings, trial, note, here, strip, actions } =
        props;
    const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
        id: rule.id,
        disabled: !mayWrite,
    });
    const active = rule.active !== false;
    return (
        <>
            {rule.heading !== undefined && (
                <h2 className="border-t border-line bg-chalk px-3 pt-4 pb-1 text-base font-semibold">{rule.heading}</h2>
            )}
            <div
                ref={setNodeRef}
                style={{ transform: CSS.Translate.toString(transform), transition: transition ?? undefined }}
                className={`flex border-t border-line bg-paper ${isDragging ? 'relative z-20 shadow-md' : ''}`}
                data-rule={rule.id}
            >
                {strip}
                <div className="flex min-w-0 flex-1 gap-2 border-s border-line px-3 py-2">
                    {mayWrite && (
                        <button
                            type="button"
                            ref={setActivatorNodeRef}
                            {...attributes}
                            {...listeners}
                            aria-label={say('screen.rule_row.move_of', { place, name: rule.name })}
                            className="h-6 shrink-0 cursor-grab px-1 text-ink2 hover:text-ink"
                        >
                            <svg width="8" height="14" viewBox="0 0 8 14" aria-hidden="true">
                                <path d="M0 2h8M0 7h8M0 12h8" stroke="currentColor" strokeWidth="1.5" />
                            </svg>
                        </button>
                    )}
                    <span className="min-w-6 shrink-0 pt-0.5 text-end text-ink2">{place}</span>
                    <div className="min-w-0 flex-1">
                        <div className="flex items-start gap-2">
                            {open ? (
                                <h2 className="flex-1 font-semibold">
                                    {rule.name === '' ? say('screen.rule_row.a_rule_without_a') : rule.name}
                                </h2>
                            ) : (
                                <div className={`min-w-0 flex-1 ${active ? '' : 'opacity-70'}`}>
                                    <h2 className="font-semibold">
                                        {rule.name}
                                        {!active && (
                                            <span className="ms-2 font-normal text-ochre">
                                                {say('screen.common.paused')}
                                            </span>
                                        )}
                                    </h2>
                                    {rule.note !== undefined && <p className="text-ink2">{rule.note}</p>}
                                    <p>
                                        <Boundary instead={<Undrawn />} of={rule}>
                                            <RuleSentence rule={rule} vocabulary={vocabulary} />
                                        </Boundary>
                                    </p>
                                </div>
                            )}
                            {mayWrite && (
                                <RowMenu rule={rule} place={place} last={last} open={open} actions={actions} />
                            )}
                        </div>
                        {here.length > 0 && (
                            <p className="text-xs text-plum">
                                {say('screen.rule_row.here', { names: here.join(', ') })}
                            </p>
                        )}
                        {note !== null && <p className="text-xs text-ochre">{note}</p>}
                        {!open && <FaultNote faults={faults} />}
                        <FindingNotes {...{ rule, findings, vocabulary, mayWrite, actions }} />
                        {open && (
                            <Boundary instead={<Undrawn />} of={rule}>
                                <RuleEditor {...{ rule, vocabulary, faults, trial }} onChange={actions.change} />
                            </Boundary>
                        )}
                    </div>
                </div>
            </div>
        </>
    );
}

/** In the place of a rule that no page has made, and that can't be told. */
function Undrawn() {
    return <span className="text-brick">{say('rule.undrawn')}</span>;
}

/** What is wrong with a rule, else that it is unfinished. */
function FaultNote({ faults }: { faults: Fault[] }) {
    const wrong = faults.find((fault) => !fault.unfinished);
    if (wrong !== undefined) return <p className="text-xs text-brick">{wrong.reason}</p>;
    return faults.length === 0 ? null : (
        <p className="text-xs text-ochre">{say('screen.rule_row.unfinished_it_does_not')}</p>
    );
}
