import type { Rule, Strip } from '@props/Rules/RulebookPage';
import type { RuleColumn } from '@props/Rules/RuleTablePage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import type { Findings } from '@/lib/useFindings';
import { say } from '@/lib/words';
import { FindingNotes, type FindingActions } from '@/parts/rule/FindingNotes';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';
import { TableCell } from './TableCell';

export type TableRowActions = FindingActions & {
    change: (rule: Rule) => void;
    move: (id: string, by: number) => void;
    copy: (rule: Rule) => void;
    remove: (id: string) => void;
};

type Props = {
    rows: Rule[];
    columns: RuleColumn[];
    vocabulary: Vocabulary;
    strip: Strip | null;
    findings: Findings;
    days: number;
    actions: TableRowActions;
};

function Tools({ rule, place, last, actions }: { rule: Rule; place: number; last: boolean; actions: TableRowActions }) {
    return (
        <Menu
            trigger={
                <Button look="quiet" aria-label={say('screen.rule_table.more_of', { name: rule.name })}>
                    {say('screen.rule_row.more')}
                </Button>
            }
            items={[
                {
                    label: say('screen.rule_row.move_up'),
                    run: () => actions.move(rule.id, -1),
                    disabled: place === 0,
                },
                { label: say('screen.rule_row.move_down'), run: () => actions.move(rule.id, 1), disabled: last },
                { label: say('screen.rule_row.copy'), run: () => actions.copy(rule) },
                { label: say('screen.rule_row.delete'), run: () => actions.remove(rule.id) },
            ]}
        />
    );
}

/** A row for each rule, in the order in which they are asked: what it is called, its values, how much it takes. */
export function RuleTableRows({ rows, columns, vocabulary, strip, findings, days, actions }: Props) {
    return (
        <table className="w-full text-start" aria-label={say('screen.rule_table.title')}>
            <thead className="sticky top-0 z-10 bg-paper text-xs text-ink2">
                <tr>
                    <th scope="col" className="w-10 px-3 py-1 text-end font-normal">
                        {say('screen.rule_table.place')}
                    </th>
                    <th scope="col" className="px-3 py-1 text-start font-normal">
                        {say('rule_table.name')}
                    </th>
                    {columns.map(({ pointer, label }) => (
                        <th key={pointer} scope="col" className="px-3 py-1 text-start font-normal">
                            {label}
                        </th>
                    ))}
                    <th scope="col" className="px-3 py-1 text-end font-normal">
                        {say('screen.rule_table.takes', { days })}
                    </th>
                    <th scope="col">
                        <span className="sr-only">{say('screen.rule_row.more')}</span>
                    </th>
                </tr>
            </thead>
            <tbody>
                {rows.map((rule, place) => (
                    <tr key={rule.id} data-row={rule.id} className="border-t border-line align-top">
                        <td className="px-3 py-2 text-end text-ink2 tabular-nums">{place + 1}</td>
                        <th scope="row" className="w-96 min-w-72 px-3 py-1 text-start font-normal">
                            <input
                                className="entry w-full font-semibold"
                                aria-label={say('rule_table.name')}
                                value={rule.name}
                                maxLength={200}
                                onChange={(event) => actions.change({ ...rule, name: event.target.value })}
                            />
                            <FindingNotes
                                rule={rule}
                                findings={findings.byRule.get(rule.id) ?? []}
                                vocabulary={vocabulary}
                                mayWrite
                                actions={actions}
                            />
                        </th>
                        {columns.map((column) => (
                            <td key={column.pointer} className="px-3 py-2">
                                <TableCell
                                    rule={rule}
                                    column={column}
                                    vocabulary={vocabulary}
                                    onChange={actions.change}
                                />
                            </td>
                        ))}
                        <td className="px-3 py-2 text-end font-mono tabular-nums">
                            {strip === null ? '' : (strip.taken[rule.id] ?? 0)}
                        </td>
                        <td className="w-px px-3 py-1">
                            <Tools rule={rule} place={place} last={place === rows.length - 1} actions={actions} />
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
