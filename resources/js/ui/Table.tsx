import { FlexRender, type Row } from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import clsx from 'clsx';
import { Fragment, useRef } from 'react';
import { Gap, Head, onArrow, Tick } from './TableParts';
import { useTableOf, type features, type TableProps } from './useTableOf';

/** From so many rows on only those in view are drawn. */
const MANY = 80;
const ROW_HEIGHT = 34;

function TableRow<T extends object>({
    row,
    chosen,
    picking,
}: Pick<TableProps<T>, 'picking'> & { row: Row<typeof features, T>; chosen: boolean }) {
    return (
        <tr
            data-row={row.id}
            aria-rowindex={row.index + 2}
            aria-current={chosen ? 'true' : undefined}
            className={clsx('h-8.5 border-t border-line align-middle', chosen && 'bg-pine-wash')}
        >
            {picking !== undefined && (
                <td className="py-1 ps-3">
                    <Tick
                        label={picking.one(row.original)}
                        on={row.getIsSelected()}
                        onTick={(on) => row.toggleSelected(on)}
                    />
                </td>
            )}
            {row.getAllCells().map((cell, index) => {
                const className = cell.column.columnDef.meta?.className;
                const content = <FlexRender cell={cell} />;
                return index === 0 ? (
                    <th key={cell.id} scope="row" className={clsx('px-3 py-1 font-medium', className)}>
                        {content}
                    </th>
                ) : (
                    <td key={cell.id} className={clsx('px-3 py-1', className)}>
                        {content}
                    </td>
                );
            })}
        </tr>
    );
}

/** Rows of one kind in columns: sorted by their heads, found by their words, ticked where they may be. */
export function Table<T extends object>(props: TableProps<T>) {
    const { label, columns, nothing, chosen, picking, groups } = props;
    const table = useTableOf(props);
    const shown = table.getRowModel().rows;
    const scroller = useRef<HTMLTableElement>(null);
    // eslint-disable-next-line react-hooks/incompatible-library -- what it returns is used in this component alone
    const virtual = useVirtualizer({
        count: shown.length,
        enabled: shown.length > MANY && groups === undefined,
        getScrollElement: () => scroller.current?.closest<HTMLElement>('[data-scrolls]') ?? null,
        estimateSize: () => ROW_HEIGHT,
        overscan: 12,
    });
    const parts = shown.length > MANY && groups === undefined ? virtual.getVirtualItems() : null;
    const drawn = parts === null ? shown : parts.map((part) => shown[part.index]).filter((row) => row !== undefined);
    const before = parts?.[0]?.start ?? 0;
    const after = parts === null ? 0 : virtual.getTotalSize() - (parts.at(-1)?.end ?? 0);
    const width = columns.length + (picking === undefined ? 0 : 1);
    return (
        <table ref={scroller} aria-label={label} aria-rowcount={shown.length + 1} className="w-full text-start">
            <thead className="sticky top-0 z-10 bg-paper text-xs text-ink2">
                {table.getHeaderGroups().map((group) => (
                    <tr key={group.id}>
                        {picking !== undefined && (
                            <td className="w-8 py-1 ps-3">
                                <Tick
                                    label={picking.all}
                                    on={shown.length > 0 && table.getIsAllRowsSelected()}
                                    some={table.getIsSomeRowsSelected()}
                                    onTick={(on) => table.toggleAllRowsSelected(on)}
                                />
                            </td>
                        )}
                        {group.headers.map((header) => (
                            <Head
                                key={header.id}
                                column={header.column.columnDef.meta}
                                sorted={header.column.getIsSorted()}
                                onSort={header.column.getCanSort() ? () => header.column.toggleSorting() : undefined}
                            />
                        ))}
                    </tr>
                ))}
            </thead>
            <tbody onKeyDown={onArrow}>
                {before > 0 && <Gap height={before} width={width} />}
                {drawn.map((row, at) => {
                    const group = groups?.of(row.original) ?? null;
                    const before = drawn[at - 1];
                    const begins = group !== null && (before === undefined || groups?.of(before.original) !== group);
                    return (
                        <Fragment key={row.id}>
                            {begins && (
                                <tr className="border-t border-line bg-chalk">
                                    <th colSpan={width} scope="colgroup" className="px-3 py-1.5 text-start">
                                        {groups?.head(group)}
                                    </th>
                                </tr>
                            )}
                            <TableRow row={row} chosen={row.id === chosen} picking={picking} />
                        </Fragment>
                    );
                })}
                {after > 0 && <Gap height={after} width={width} />}
                {shown.length === 0 && (
                    <tr className="border-t border-line">
                        <td colSpan={width} className="px-3 py-3 text-ink2">
                            {nothing}
                        </td>
                    </tr>
                )}
            </tbody>
        </table>
    );
}
