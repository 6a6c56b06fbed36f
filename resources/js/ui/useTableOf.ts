import {
    columnFilteringFeature,
    createColumnHelper,
    createFilteredRowModel,
    createSortedRowModel,
    globalFilteringFeature,
    rowSelectionFeature,
    rowSortingFeature,
    tableFeatures,
    useTable,
    type ReactTable,
    type RowSelectionState,
    type SortingState,
} from '@tanstack/react-table';
import { useMemo, useState, type ReactNode } from 'react';
import { compareTexts } from '@/lib/format';

/** value: by what it is sorted and found, where it is */
export type TableColumn<T> = {
    id: string;
    label: string;
    /** its label is for those who do not see the column */
    silent?: boolean;
    cell: (row: T) => ReactNode;
    value?: (row: T) => string;
    /** whoever keeps the order of the rows can sort by it */
    sorts?: boolean;
    className?: string;
};

export type TableProps<T> = {
    label: string;
    rows: T[];
    columns: TableColumn<T>[];
    idOf: (row: T) => string;
    /** what is said where there is no row */
    nothing: string;
    /** only rows in whose values this is */
    sought?: string;
    /** the row that is shown beside the table */
    chosen?: string | undefined;
    /** whoever gives the rows keeps their order; without it the table sorts by values */
    order?: { by: string; down: boolean; onSort: (by: string) => void };
    /** rows of one group stand together under its head */
    groups?: { of: (row: T) => string | null; head: (key: string) => ReactNode } | undefined;
    /** rows are ticked, by their ids */
    picking?: undefined | { picked: string[]; onPick: (ids: string[]) => void; all: string; one: (row: T) => string };
};

export type Meta = Pick<TableColumn<object>, 'label' | 'silent' | 'className'>;

export const features = tableFeatures({
    columnMeta: {} as Meta,
    rowSortingFeature,
    columnFilteringFeature,
    globalFilteringFeature,
    rowSelectionFeature,
    sortedRowModel: createSortedRowModel(),
    filteredRowModel: createFilteredRowModel(),
});

/** The table that the library keeps: which rows are shown, in which order, and which are ticked. */
export function useTableOf<T extends object>({
    rows,
    columns,
    idOf,
    sought = '',
    order,
    picking,
}: TableProps<T>): ReactTable<typeof features, T> {
    const [sorting, setSorting] = useState<SortingState>([]);
    const defined = useMemo(() => {
        const helper = createColumnHelper<typeof features, T>();
        return columns.map((one) =>
            helper.accessor((row): unknown => one.value?.(row) ?? '', {
                id: one.id,
                header: one.label,
                cell: ({ row }) => one.cell(row.original),
                enableSorting: order === undefined ? one.value !== undefined : one.sorts === true,
                enableGlobalFilter: one.value !== undefined,
                sortFn: (a, b, id) => compareTexts(String(a.getValue(id)), String(b.getValue(id))),
                meta: { label: one.label, silent: one.silent ?? false, className: one.className ?? '' },
            }),
        );
        // eslint-disable-next-line react-hooks/exhaustive-deps -- whether an order is kept does not change
    }, [columns]);
    const selection: RowSelectionState = Object.fromEntries((picking?.picked ?? []).map((id) => [id, true]));
    return useTable({
        features,
        data: rows,
        columns: defined,
        getRowId: idOf,
        manualSorting: order !== undefined,
        state: {
            sorting: order === undefined ? sorting : [{ id: order.by, desc: order.down }],
            globalFilter: sought.trim(),
            rowSelection: selection,
        },
        onSortingChange: (change) => {
            if (order === undefined) {
                setSorting(change);
                return;
            }
            const now = [{ id: order.by, desc: order.down }];
            const next = typeof change === 'function' ? change(now) : change;
            order.onSort(next[0]?.id ?? order.by);
        },
        globalFilterFn: (row, id, text: string) =>
            String(row.getValue(id)).toLocaleLowerCase().includes(text.toLocaleLowerCase()),
        enableRowSelection: picking !== undefined,
        onRowSelectionChange: (change) => {
            const next = typeof change === 'function' ? change(selection) : change;
            picking?.onPick(Object.keys(next).filter((id) => next[id] === true));
        },
    });
}
