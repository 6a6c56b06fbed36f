import clsx from 'clsx';

export type LegendEntry = {
    name: string;
    mark: 'bar' | 'late' | 'hollow' | 'line' | 'ring' | 'dashed' | 'sky' | 'sky_ring';
};

const MARKS: Record<LegendEntry['mark'], string> = {
    bar: 'h-3 w-3 bg-bar',
    late: 'h-3 w-3 bg-brick',
    hollow: 'h-3 w-3 border border-ink2 bg-chalk',
    line: 'w-4 border-t-2 border-ink',
    ring: 'h-3 w-3 rounded-full border-2 border-ink',
    dashed: 'w-4 border-t-2 border-dashed border-brick',
    sky: 'w-4 border-t-2 border-sky',
    sky_ring: 'h-3 w-3 rounded-full border-2 border-sky',
};

/** What the marks of a plot stand for. */
export function PlotLegend({ entries }: { entries: LegendEntry[] }) {
    return (
        <ul className="flex flex-wrap gap-x-4 text-xs">
            {entries.map(({ name, mark }) => (
                <li key={name} className="flex items-center gap-1.5">
                    <span className={clsx('inline-block', MARKS[mark])} />
                    {name}
                </li>
            ))}
        </ul>
    );
}
