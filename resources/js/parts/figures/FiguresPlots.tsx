import type { FiguresRow } from '@props/Figures/FiguresPage';
import { Bar, CartesianGrid, ComposedChart, Legend, Line, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { ReactNode } from 'react';
import { say } from '@/lib/words';

const HEIGHT = 270;

/** Letters of a name that there is room for. */
const ROOM = 16;

const TICK = { fill: 'var(--ink2)', fontSize: 12 };

type Point = Record<string, string | number | null>;

type ChartProps = {
    title: string;
    points: Point[];
    unit: string;
    /** names are written aslant, so that all of them are there */
    slanted: boolean;
    children: ReactNode;
};

function Chart({ title, points, unit, slanted, children }: ChartProps) {
    return (
        <figure className="min-w-0 flex-1" aria-hidden>
            <figcaption className="font-semibold">{title}</figcaption>
            <div style={{ height: HEIGHT }}>
                <ResponsiveContainer width="100%" height="100%">
                    <ComposedChart data={points} margin={{ top: 8, right: 8, bottom: 0, left: 0 }}>
                        <CartesianGrid stroke="var(--line)" vertical={false} />
                        <XAxis
                            dataKey="name"
                            tick={TICK}
                            stroke="var(--line)"
                            {...(slanted ? { interval: 0, angle: -30, textAnchor: 'end', height: 72 } : {})}
                        />
                        <YAxis unit={unit} width={56} tick={TICK} stroke="var(--line)" allowDecimals={false} />
                        <Legend
                            verticalAlign="top"
                            wrapperStyle={{ fontSize: 13 }}
                            formatter={(name) => <span style={{ color: 'var(--ink)' }}>{name}</span>}
                        />
                        {children}
                    </ComposedChart>
                </ResponsiveContainer>
            </div>
        </figure>
    );
}

/** What came in and was done, and how long it took, side by side. The table says the same. */
export default function FiguresPlots({
    rows,
    inTime,
    name,
}: {
    rows: FiguresRow[];
    /** rows follow each other in time */
    inTime: boolean;
    name: (row: FiguresRow) => string;
}) {
    const hours = (minutes: number | undefined): number | null =>
        minutes === undefined ? null : Math.round(minutes / 6) / 10;
    const points = rows.map((row) => ({
        name: name(row).length > ROOM ? `${name(row).slice(0, ROOM - 1)}…` : name(row),
        arrived: row.arrived,
        done: row.done - row.late,
        late: row.late,
        median: hours(row.took?.median),
        ninety: hours(row.took?.ninety),
        touched: hours(row.touched?.median),
    }));
    const still = { isAnimationActive: false };
    // What does not follow in time has dots alone.
    const line = (colour: string) =>
        ({
            type: 'linear',
            stroke: colour,
            strokeWidth: inTime ? 2 : 0,
            dot: { r: inTime ? 2 : 4, stroke: colour, strokeWidth: 2, fill: 'var(--paper)' },
            legendType: inTime ? 'line' : 'circle',
            ...still,
        }) as const;
    return (
        <div className="flex gap-8">
            <Chart title={say('insight.plot_counts')} points={points} unit="" slanted={!inTime}>
                <Bar dataKey="done" name={say('insight.in_time')} stackId="done" fill="var(--bar)" {...still} />
                <Bar dataKey="late" name={say('insight.heads.late')} stackId="done" fill="var(--brick)" {...still} />
                <Line dataKey="arrived" name={say('insight.heads.arrived')} {...line('var(--ink)')} />
            </Chart>
            <Chart title={say('insight.plot_times')} points={points} unit=" h" slanted={!inTime}>
                <Bar dataKey="median" name={say('insight.took_median')} fill="var(--bar)" {...still} />
                <Bar
                    dataKey="ninety"
                    name={say('insight.took_ninety')}
                    fill="var(--chalk)"
                    stroke="var(--ink2)"
                    {...still}
                />
                <Line dataKey="touched" name={say('insight.touched_median')} {...line('var(--sky)')} />
            </Chart>
        </div>
    );
}
