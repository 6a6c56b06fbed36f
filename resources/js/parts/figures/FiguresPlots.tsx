import type { FiguresRow } from '@props/Figures/FiguresPage';
import { Bar, CartesianGrid, ComposedChart, Line, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { ReactNode } from 'react';
import { say } from '@/lib/words';
import { PlotLegend, type LegendEntry } from '@/parts/PlotLegend';

const HEIGHT = 240;

/** Of a team or kind, with its name at the left. */
const ROW = 28;

const AXES = 40;

const NAMES = 208;

const TICK = { fill: 'var(--ink2)', fontSize: 12 };

const LINES = 'var(--line)';

const STILL = { isAnimationActive: false };

type ChartProps = {
    title: string;
    legend: LegendEntry[];
    points: Record<string, string | number | null>[];
    unit: string;
    /** from left to right; else each has a row with its name */
    inTime: boolean;
    children: ReactNode;
};

function Chart({ title, legend, points, unit, inTime, children }: ChartProps) {
    const names = { dataKey: 'name', type: 'category', tick: TICK, stroke: LINES } as const;
    const amounts = { type: 'number', unit, tick: TICK, stroke: LINES, allowDecimals: false } as const;
    return (
        <figure className="min-w-0 flex-1" aria-hidden>
            <figcaption className="font-semibold">{title}</figcaption>
            <PlotLegend entries={legend} />
            <ResponsiveContainer width="100%" height={inTime ? HEIGHT : AXES + ROW * points.length}>
                <ComposedChart
                    accessibilityLayer={false}
                    layout={inTime ? 'horizontal' : 'vertical'}
                    data={points}
                    margin={{ top: 8, right: 24, bottom: 0, left: 0 }}
                >
                    <CartesianGrid stroke={LINES} vertical={!inTime} horizontal={inTime} />
                    <XAxis {...(inTime ? names : amounts)} />
                    <YAxis {...(inTime ? { ...amounts, width: 56 } : { ...names, width: NAMES, interval: 0 })} />
                    {children}
                </ComposedChart>
            </ResponsiveContainer>
        </figure>
    );
}

type Props = {
    rows: FiguresRow[];
    /** rows follow each other in time */
    inTime: boolean;
    name: (row: FiguresRow) => string;
};

/** What came in and was done, and how long it took, side by side. The table says the same. */
export default function FiguresPlots({ rows, inTime, name }: Props) {
    const hours = (minutes: number | undefined): number | null =>
        minutes === undefined ? null : Math.round(minutes / 6) / 10;
    const points = rows.map((row) => ({
        name: name(row),
        arrived: row.arrived,
        done: row.done - row.late,
        late: row.late,
        median: hours(row.took?.median),
        ninety: hours(row.took?.ninety),
        touched: hours(row.touched?.median),
    }));
    // What does not follow in time has dots alone.
    const line = (colour: string) =>
        ({
            type: 'linear',
            stroke: colour,
            strokeWidth: inTime ? 2 : 0,
            dot: { r: inTime ? 2 : 4, stroke: colour, strokeWidth: 2, fill: 'var(--paper)' },
            ...STILL,
        }) as const;
    return (
        <div className="flex gap-8">
            <Chart
                title={say('insight.plot_counts')}
                legend={[
                    { name: say('insight.in_time'), mark: 'bar' },
                    { name: say('insight.heads.late'), mark: 'late' },
                    { name: say('insight.heads.arrived'), mark: inTime ? 'line' : 'ring' },
                ]}
                points={points}
                unit=""
                inTime={inTime}
            >
                <Bar dataKey="done" stackId="done" fill="var(--bar)" {...STILL} />
                <Bar dataKey="late" stackId="done" fill="var(--brick)" {...STILL} />
                <Line dataKey="arrived" {...line('var(--ink)')} />
            </Chart>
            <Chart
                title={say('insight.plot_times')}
                legend={[
                    { name: say('insight.took_median'), mark: 'bar' },
                    { name: say('insight.took_ninety'), mark: 'hollow' },
                    { name: say('insight.touched_median'), mark: inTime ? 'sky' : 'sky_ring' },
                ]}
                points={points}
                unit=" h"
                inTime={inTime}
            >
                <Bar dataKey="median" fill="var(--bar)" {...STILL} />
                <Bar dataKey="ninety" fill="var(--chalk)" stroke="var(--ink2)" {...STILL} />
                <Line dataKey="touched" {...line('var(--sky)')} />
            </Chart>
        </div>
    );
}
