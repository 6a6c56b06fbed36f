import type { Rule, Strip } from '@props/Rules/RulebookPage';
import type { RuleColumn } from '@props/Rules/RuleTablePage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { useVirtualizer } from '@tanstack/react-virtual';
import type { RefObject } from 'react';
import type { Findings } from '@/lib/useFindings';
import type { Writer } from '@/lib/useWriters';
import { say } from '@/lib/words';
import { FindingNotes, type FindingActions } from '@/parts/rule/FindingNotes';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';
import { Gap } from '@/ui/TableParts';
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
    /** who else writes the rulebook */
    others: Writer[];
    scroller: RefObject<HTMLElement | null>;
    /** a cell of this rule has the focus */
    onAt: (id: string) => void;
};

const ROW_HEIGHT = 44;

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

/** One rule: what it is called, its values, how much it takes. */
function Row({ rule, place, ...table }: Props & { rule: Rule; place: number }) {
    const { rows, columns, vocabulary, strip, findings, actions, others, onAt } = table;
    const here = others.filter((one) => one.rule === rule.id).map(({ name }) => name);
    return (
        <>
            <td className="px-3 py-2 text-end text-ink2 tabular-nums">{place + 1}</td>
            <th scope="row" className="w-96 min-w-72 px-3 py-1 text-start font-normal" onFocus={() => onAt(rule.id)}>
                <input
                    className="entry w-full font-semibold"
                    aria-label={say('rule_table.name')}
                    value={rule.name}
                    maxLength={200}
                    onChange={(event) => actions.change({ ...rule, name: event.target.value })}
                />
                {here.length > 0 && (
                    <p className="text-plum">{say('screen.rule_row.here', { names: here.join(', ') })}</p>
                )}
                <FindingNotes
                    rule={rule}
                    findings={findings.byRule.get(rule.id) ?? []}
                    vocabulary={vocabulary}
                    mayWrite
                    actions={actions}
                />
            </th>
            {columns.map((column) => (
                <td key={column.pointer} className="px-3 py-2" onFocus={() => onAt(rule.id)}>
                    <TableCell rule={rule} column={column} vocabulary={vocabulary} onChange={actions.change} />
                </td>
            ))}
            <td className="px-3 py-2 text-end font-mono tabular-nums">
                {strip === null ? '' : (strip.taken[rule.id] ?? 0)}
            </td>
            <td className="w-px px-3 py-1">
                <Tools rule={rule} place={place} last={place === rows.length - 1} actions={actions} />
            </td>
        </>
    );
}

/** A row for each rule, in the order in which they are asked; of very many those that are in sight. */
export function RuleTableRows(table: Props) {
    const { rows, columns, days, scroller } = table;
    // eslint-disable-next-line react-hooks/incompatible-library -- what it returns is used in this component alone
    const virtual = useVirtualizer({
        count: rows.length,
        getScrollElement: () => scroller.current,
        getItemKey: (place) => rows[place]?.id ?? place,
        estimateSize: () => ROW_HEIGHT,
        overscan: 8,
    });
    const parts = virtual.getVirtualItems();
    const [before, after] = [parts[0]?.start ?? 0, virtual.getTotalSize() - (parts.at(-1)?.end ?? 0)];
    return (
        <table
            className="w-full text-start"
            aria-label={say('screen.rule_table.title')}
            aria-rowcount={rows.length + 1}
        >
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
                {before > 0 && <Gap height={before} width={columns.length + 4} />}
                {parts.map(({ index }) => {
                    const rule = rows[index];
                    return rule === undefined ? null : (
                        <tr
                            key={rule.id}
                            ref={virtual.measureElement}
                            data-index={index}
                            data-row={rule.id}
                            aria-rowindex={index + 2}
                            className="border-t border-line align-top"
                        >
                            <Row rule={rule} place={index} {...table} />
                        </tr>
                    );
                })}
                {after > 0 && <Gap height={after} width={columns.length + 4} />}
            </tbody>
        </table>
    );
}
