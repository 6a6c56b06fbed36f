import type { ForecastDay } from '@props/Foresight/ForesightPage';
import { Area, Bar, CartesianGrid, ComposedChart, Line, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { weekday } from '@/lib/format';
import { loadUnit, loadValue } from '@/lib/load';
import { say } from '@/lib/words';
import { PlotLegend } from '@/parts/PlotLegend';

const HEIGHT = 300;

/** What is due and usually comes in against what can be done, and what is left undone. The table says the same. */
export default function Plot({ days }: { days: ForecastDay[] }) {
    const value = (amount: number): number => Math.round(10 * loadValue(amount)) / 10;
    const points = days.map((day) => ({
        day: weekday(day.date),
        known: value(day.known),
        inflow: value(day.inflow ?? 0),
        capacity: value(day.capacity),
        backlog: value(day.backlog),
        may: value(day.may),
    }));
    return (
        <div aria-hidden>
            <PlotLegend
                entries={[
                    { name: say('foresight.capacity'), mark: 'line' },
                    { name: say('foresight.known'), mark: 'bar' },
                    { name: say('foresight.inflow'), mark: 'hollow' },
                    { name: say('foresight.backlog'), mark: 'late' },
                    { name: say('foresight.may'), mark: 'dashed' },
                ]}
            />
            <ResponsiveContainer width="100%" height={HEIGHT}>
                <ComposedChart
                    accessibilityLayer={false}
                    data={points}
                    margin={{ top: 8, right: 8, bottom: 0, left: 0 }}
                >
                    <CartesianGrid stroke="var(--line)" vertical={false} />
                    <XAxis dataKey="day" tick={{ fill: 'var(--ink2)', fontSize: 12 }} stroke="var(--line)" />
                    <YAxis
                        unit={loadUnit()}
                        width={56}
                        tick={{ fill: 'var(--ink2)', fontSize: 12 }}
                        stroke="var(--line)"
                    />
                    <Area
                        dataKey="may"
                        type="linear"
                        stroke="var(--brick)"
                        strokeDasharray="4 3"
                        fill="none"
                        isAnimationActive={false}
                    />
                    <Area
                        dataKey="backlog"
                        type="linear"
                        stroke="var(--brick)"
                        fill="var(--brick)"
                        fillOpacity={0.18}
                        isAnimationActive={false}
                    />
                    <Bar dataKey="known" stackId="due" fill="var(--bar)" isAnimationActive={false} />
                    <Bar
                        dataKey="inflow"
                        stackId="due"
                        fill="var(--chalk)"
                        stroke="var(--ink2)"
                        isAnimationActive={false}
                    />
                    <Line
                        dataKey="capacity"
                        type="step"
                        stroke="var(--ink)"
                        strokeWidth={2}
                        dot={false}
                        isAnimationActive={false}
                    />
                </ComposedChart>
            </ResponsiveContainer>
        </div>
    );
}
