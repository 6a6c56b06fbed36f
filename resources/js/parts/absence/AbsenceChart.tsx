import clsx from 'clsx';
import { Link, router } from '@inertiajs/react';
import type { AbsenceChart as Chart, AbsenceStretch } from '@props/Absences/AbsenceChart';
import type { AbsencesPageProps } from '@props/Absences/AbsencesPage';
import { useMemo, useState } from 'react';
import { month, useFormats, weekday } from '@/lib/format';
import { say } from '@/lib/words';
import { LaneArcs, type LaneArc } from '@/parts/LaneArcs';
import { PersonName } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';
import { StrengthRow, NAMES } from './StrengthRow';
import { MinimumDialog } from './MinimumDialog';

const WEEKS = [2, 4, 8, 12];

function shifted(from: string, weeks: number): string {
    return new Date(Date.parse(`${from}T00:00:00Z`) + weeks * 7 * 86_400_000).toISOString().slice(0, 10);
}

/** A time away: hollow and ruled; what is only asked for is dashed. */
function Stretch({ stretch, name, days }: { stretch: AbsenceStretch; name: string; days: number }) {
    const formats = useFormats();
    const said = say('chart.stretch', {
        person: name,
        when: `${formats.moment(stretch.first)} – ${formats.moment(stretch.last)}`,
        asked: String(stretch.asked),
    });
    const edge = stretch.asked ? 'border-dashed border-ochre' : 'border-ink2';
    const look = `ruled absolute top-1 bottom-1 rounded-sm border ${edge}`;
    const style = {
        insetInlineStart: `${(100 * stretch.from) / days}%`,
        width: `max(3px, ${(100 * (stretch.to - stretch.from)) / days}%)`,
    };
    return stretch.plan ? (
        <Link href={`/absences/${stretch.id}`} aria-label={said} title={said} className={look} style={style} />
    ) : (
        <span role="img" aria-label={said} title={said} className={look} style={style} />
    );
}

/** The days behind a lane: a line for each Monday, days off in chalk. */
function Days({ days }: { days: Chart['days'] }) {
    return (
        <div
            className="absolute inset-0 grid"
            aria-hidden="true"
            style={{ gridTemplateColumns: `repeat(${days.length}, minmax(0, 1fr))` }}
        >
            {days.map((day, index) => (
                <span
                    key={day.date}
                    className={clsx(
                        index % 7 === 0 ? 'border-s border-ink2' : 'border-s border-line',
                        day.off ? 'bg-chalk' : '',
                    )}
                />
            ))}
        </div>
    );
}

/** The days above the lanes, or with many of them their Mondays. */
function Header({ days }: { days: Chart['days'] }) {
    const labelled = days.length <= 14 ? 1 : 7;
    return (
        <div className="flex border-t border-line text-xs text-ink2" role="row">
            <span role="columnheader" className={NAMES}>
                <span className="sr-only">{say('chart.of')}</span>
            </span>
            <div
                className="grid min-w-0 flex-1"
                style={{ gridTemplateColumns: `repeat(${days.length / labelled}, minmax(0, 1fr))` }}
            >
                {days
                    .filter((_, index) => index % labelled === 0)
                    .map((day) => (
                        <span key={day.date} role="columnheader" className="truncate border-s border-ink2 ps-1">
                            {weekday(day.date)}
                            {labelled === 7 && ` ${month(day.date)}`}
                        </span>
                    ))}
            </div>
        </div>
    );
}

function arcsOf(chart: Chart): LaneArc[] {
    const names = new Map(chart.lanes.map((lane) => [lane.slug, lane.name]));
    const arcs = chart.lanes.flatMap((lane) =>
        lane.stretches.flatMap((stretch) => {
            const [substitute] = stretch.substitutes.filter((one) => names.has(one));
            return substitute === undefined
                ? []
                : [
                      {
                          from: lane.slug,
                          to: substitute,
                          label: null,
                          said: say('chart.covers', { substitute: names.get(substitute) ?? '', person: lane.name }),
                      },
                  ];
        }),
    );
    return arcs.filter((arc, index) => arcs.findIndex((one) => one.from === arc.from && one.to === arc.to) === index);
}

function Choices({
    chart,
    onGo,
}: {
    chart: Chart;
    onGo: (changes: Partial<{ from: string; weeks: number; team: string }>) => void;
}) {
    return (
        <span className="flex flex-wrap items-center gap-2">
            <select
                className="entry"
                aria-label={say('chart.of')}
                value={chart.team}
                onChange={(event) => onGo({ team: event.target.value })}
            >
                <option value="">{say('chart.everybody')}</option>
                {chart.teams.map((one) => (
                    <option key={one.value} value={one.value}>
                        {one.label}
                    </option>
                ))}
            </select>
            <select
                className="entry"
                aria-label={say('chart.for')}
                value={chart.weeks}
                onChange={(event) => onGo({ weeks: Number(event.target.value) })}
            >
                {WEEKS.map((count) => (
                    <option key={count} value={count}>
                        {say('chart.weeks', { count })}
                    </option>
                ))}
            </select>
            <Button onClick={() => onGo({ from: shifted(chart.from, -chart.weeks) })}>{say('chart.earlier')}</Button>
            <Button onClick={() => onGo({ from: '' })}>{say('chart.today')}</Button>
            <Button onClick={() => onGo({ from: shifted(chart.from, chart.weeks) })}>{say('chart.later')}</Button>
        </span>
    );
}

/** Who is away over some weeks, lane by lane, who covers whom, and who is left. */
export function AbsenceChart({ chart, groups, leads }: Pick<AbsencesPageProps, 'chart' | 'groups' | 'leads'>) {
    const [setting, setSetting] = useState(false);
    const arcs = useMemo(() => arcsOf(chart), [chart]);
    const go = (changes: Partial<{ from: string; weeks: number; team: string }>): void =>
        router.get(
            '/absences',
            { from: chart.from, weeks: chart.weeks, team: chart.team, ...changes },
            { only: ['chart'], preserveState: true, preserveScroll: true },
        );
    return (
        <section aria-label={say('chart.title')} className="box">
            <header className="flex flex-wrap items-center justify-between gap-3 px-3 py-2">
                <h2 className="font-semibold">{say('chart.title')}</h2>
                <Choices chart={chart} onGo={go} />
            </header>
            <div className="relative">
                <LaneArcs arcs={arcs} />
                <div role="table" aria-label={say('chart.title')}>
                    <Header days={chart.days} />
                    {chart.lanes.length === 0 ? (
                        <p className="border-t border-line px-3 py-3 text-ink2">{say('chart.nobody')}</p>
                    ) : (
                        <div role="rowgroup">
                            {chart.lanes.map((lane) => (
                                <div
                                    key={lane.slug}
                                    data-lane={lane.slug}
                                    role="row"
                                    className="flex h-8 items-center border-t border-line"
                                >
                                    <span role="rowheader" className={`${NAMES} ps-11`}>
                                        <PersonName slug={lane.slug} name={lane.name} />
                                    </span>
                                    <div role="cell" className="relative h-full min-w-0 flex-1">
                                        <Days days={chart.days} />
                                        {lane.stretches.map((stretch) => (
                                            <Stretch
                                                key={stretch.id}
                                                stretch={stretch}
                                                name={lane.name}
                                                days={chart.days.length}
                                            />
                                        ))}
                                    </div>
                                </div>
                            ))}
                        </div>
                    )}
                    {chart.strength.map((row) => (
                        <StrengthRow key={`${row.of} ${row.slug}`} row={row} days={chart.days} />
                    ))}
                </div>
            </div>
            {leads && (
                <p className="flex items-baseline gap-3 border-t border-line px-3 py-1 text-sm text-ink2">
                    {chart.strength.every((row) => row.minimum === null) && say('chart.no_minimum')}
                    <Button look="quiet" onClick={() => setSetting(true)}>
                        {say('chart.set_minimum')}
                    </Button>
                </p>
            )}
            {setting && <MinimumDialog groups={groups} onClose={() => setSetting(false)} />}
        </section>
    );
}
