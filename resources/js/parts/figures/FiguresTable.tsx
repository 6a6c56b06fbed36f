import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import type { Figures, FiguresRow, FiguresView, Typical } from '@props/Figures/FiguresPage';
import { COUNTS, tasksBehind, type Count } from '@/lib/figures';
import { duration } from '@/lib/format';
import { say } from '@/lib/words';

/** What wants somebody where there is any of it. */
const WANTS: Count[] = ['overdue', 'unplaced', 'late'];

function Time({ typical }: { typical: Typical | null }) {
    return (
        <>
            <td className="ps-4 text-end whitespace-nowrap">{typical === null ? '' : duration(typical.median)}</td>
            <td className="ps-4 text-end whitespace-nowrap text-ink2">
                {typical === null ? '' : duration(typical.ninety)}
            </td>
        </>
    );
}

/** A number with the way to its tasks. */
export function CountLink({
    of,
    count,
    view,
    row,
}: {
    of: Figures;
    count: Count;
    view: FiguresView;
    row: FiguresRow | null;
}) {
    const href = of[count] === 0 ? null : tasksBehind(count, view, row);
    const look = clsx(WANTS.includes(count) && of[count] > 0 && 'font-semibold text-brick');
    if (href === null) return <span className={of[count] === 0 ? 'text-ink2' : look}>{of[count]}</span>;
    return (
        <Link
            href={href}
            className={clsx('inline-block min-h-6 min-w-6 underline decoration-line underline-offset-4', look)}
            aria-label={say('insight.to_tasks', {
                count: of[count],
                what: say(`insight.heads.${count}`),
                of: row?.name ?? '',
            })}
        >
            {of[count]}
        </Link>
    );
}

/** The figures by team, kind or week, each with the way to its tasks. */
export function FiguresTable({
    rows,
    view,
    name,
}: {
    rows: FiguresRow[];
    view: FiguresView;
    name: (row: FiguresRow) => string;
}) {
    return (
        <table className="w-full tabular-nums" aria-label={say(`insight.bys.${view.by}`)}>
            <thead className="text-xs text-ink2">
                <tr>
                    <td />
                    <th scope="colgroup" colSpan={3} className="border-b border-line text-end font-normal">
                        {say('insight.now')}
                    </th>
                    <th scope="colgroup" colSpan={4} className="border-b border-line text-end font-normal">
                        {say('insight.weeks', { weeks: view.weeks })}
                    </th>
                    <th scope="colgroup" colSpan={2} className="border-b border-line text-end font-normal">
                        {say('insight.touched')}
                    </th>
                    <th scope="colgroup" colSpan={2} className="border-b border-line text-end font-normal">
                        {say('insight.took')}
                    </th>
                </tr>
                <tr>
                    <th scope="col" className="py-1 text-start font-normal">
                        {say(`insight.heads.${view.by}`)}
                    </th>
                    {COUNTS.map((count) => (
                        <th key={count} scope="col" className="ps-4 text-end font-normal">
                            {say(`insight.heads.${count}`)}
                        </th>
                    ))}
                    {['touched', 'took'].flatMap((of) =>
                        ['median', 'ninety'].map((which) => (
                            <th key={`${of} ${which}`} scope="col" className="ps-4 text-end font-normal">
                                {say(`insight.heads.${which}`)}
                            </th>
                        )),
                    )}
                </tr>
            </thead>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.key} className="border-t border-line">
                        <th scope="row" className="py-1 text-start font-normal">
                            {name(row)}
                        </th>
                        {COUNTS.map((count) => (
                            <td key={count} className="ps-4 text-end">
                                <CountLink of={row} count={count} view={view} row={row} />
                            </td>
                        ))}
                        <Time typical={row.touched} />
                        <Time typical={row.took} />
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
