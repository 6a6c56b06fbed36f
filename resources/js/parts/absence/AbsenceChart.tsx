import { Link, router, useForm } from '@inertiajs/react';
import type { AbsenceChart as Chart, AbsenceStretch } from '@props/Absences/AbsenceChart';
import type { AbsencesPageProps } from '@props/Absences/AbsencesPage';
import { useMemo, useState } from 'react';
import { useFormats, weekday } from '@/lib/format';
import { say } from '@/lib/words';
import { LaneArcs, type LaneArc } from '@/parts/LaneArcs';
import { PersonName } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

const WEEKS = [2, 4, 8, 12];
const NAMES = 'w-[218px] shrink-0';
/** With more days than that, not every one has room for a figure. */
const ROOMY = 28;

function shifted(from: string, weeks: number): string {
    return new Date(Date.parse(`${from}T00:00:00Z`) + weeks * 7 * 86_400_000).toISOString().slice(0, 10);
}

/** Asks how many of a team, or with a skill, should be there on each day. */
function MinimumDialog({ groups, onClose }: { groups: AbsencesPageProps['groups']; onClose: () => void }) {
    const [first] = groups;
    const form = useForm({ of: first?.value ?? '', people: String(first?.minimum ?? '') });
    const choose = (of: string): void =>
        form.setData({ of, people: String(groups.find((one) => one.value === of)?.minimum ?? '') });
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('chart.minimum_title')}
            description={say('chart.minimum_description')}
        >
            <DialogForm
                busy={form.processing}
                onLeave={onClose}
                onSend={() => form.post('/absences/minimum', { preserveScroll: true, onSuccess: onClose })}
            >
                <Labelled label={say('chart.minimum_of')} wrong={form.errors.of}>
                    <select
                        className="entry w-full"
                        value={form.data.of}
                        onChange={(event) => choose(event.target.value)}
                    >
                        {groups.map((one) => (
                            <option key={one.value} value={one.value}>
                                {one.label}
                                {one.minimum !== null && ` (${one.minimum})`}
                            </option>
                        ))}
                    </select>
                </Labelled>
                <Labelled
                    label={say('chart.minimum_people')}
                    hint={say('chart.minimum_hint')}
                    wrong={form.errors.people}
                >
                    <input
                        type="number"
                        min={1}
                        max={500}
                        className="entry w-24"
                        value={form.data.people}
                        onChange={(event) => form.setData('people', event.target.value)}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}

/** A time away: hollow and ruled; what is only asked for is dashed. */
function Stretch({ stretch, name, days }: { stretch: AbsenceStretch; name: string; days: number }) {
    const formats = useFormats();
    const said = say('chart.stretch', {
        person: name,
        when: `${formats.moment(stretch.first)} – ${formats.moment(stretch.last)}`,
        asked: String(stretch.asked),
    });
    const look = `ruled absolute top-1 bottom-1 rounded-sm border ${stretch.asked ? 'border-dashed border-ochre' : 'border-ink2'}`;
    const style = {
        left: `${(100 * stretch.from) / days}%`,
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
                    className={`${index % 7 === 0 ? 'border-l border-ink2' : 'border-l border-line'} ${day.off ? 'bg-chalk' : ''}`}
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
                        <span key={day.date} role="columnheader" className="truncate border-l border-ink2 pl-1">
                            {weekday(day.date)}
                            {labelled === 7 &&
                                ` ${new Intl.DateTimeFormat('en-IE', { month: 'short', timeZone: 'UTC' }).format(new Date(`${day.date}T00:00:00Z`))}`}
                        </span>
                    ))}
            </div>
        </div>
    );
}

function StrengthRow({ row, days }: { row: Chart['strength'][number]; days: Chart['days'] }) {
    const roomy = days.length <= ROOMY;
    return (
        <div className="flex border-t border-line" role="row">
            <span role="rowheader" className={`${NAMES} truncate py-0.5 pr-2 pl-3 text-xs text-ink2`}>
                {say(row.minimum === null ? 'chart.strength_alone' : 'chart.strength', {
                    name: row.name,
                    minimum: row.minimum ?? 0,
                })}
            </span>
            <div
                className="grid min-w-0 flex-1"
                style={{ gridTemplateColumns: `repeat(${days.length}, minmax(0, 1fr))` }}
            >
                {row.days.map((day, index) => {
                    const there = say('chart.there', {
                        name: row.name,
                        date: weekday(days[index]?.date ?? ''),
                        there: day.there,
                    });
                    const said =
                        day.ifApproved === day.there
                            ? there
                            : say('chart.if_approved', { said: there, count: day.ifApproved });
                    const look = day.below
                        ? 'bg-brick text-paper font-semibold'
                        : day.wouldBeBelow
                          ? 'hatch border border-brick text-brick font-semibold'
                          : 'text-ink2';
                    return (
                        <span
                            key={days[index]?.date}
                            role="cell"
                            aria-label={said}
                            title={said}
                            className={`overflow-hidden border-l border-line py-0.5 text-center text-xs ${day.off ? 'bg-chalk' : look}`}
                        >
                            {day.off || !roomy ? (
                                ' '
                            ) : (
                                <span className={day.wouldBeBelow && !day.below ? 'bg-paper px-0.5' : ''}>
                                    {day.wouldBeBelow && !day.below ? day.ifApproved : day.there}
                                </span>
                            )}
                        </span>
                    );
                })}
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
                                    <span role="rowheader" className={`${NAMES} pl-11`}>
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
