import { Head, router } from '@inertiajs/react';
import type { FiguresPageProps, FiguresRow, FiguresView, Typical } from '@props/Figures/FiguresPage';
import { lazy, Suspense, type ReactNode } from 'react';
import { addDays } from '@/lib/days';
import { duration, useFormats } from '@/lib/format';
import { useUntilWorkedOut } from '@/lib/useUntilWorkedOut';
import { say } from '@/lib/words';
import { CountLink, FiguresTable } from '@/parts/figures/FiguresTable';
import { Pick } from '@/ui/Pick';

const Plots = lazy(() => import('@/parts/figures/FiguresPlots'));

function look(view: FiguresView, changed: Partial<FiguresView>): void {
    const { by, weeks, team } = { ...view, ...changed };
    router.visit('/figures', {
        data: { by, weeks: String(weeks), ...(team === '' ? {} : { team }) },
        preserveState: true,
    });
}

function Figure({ name, children, note }: { name: string; children: ReactNode; note?: string | undefined }) {
    return (
        <div className="border-s border-line ps-3">
            <dt className="text-xs text-ink2">{name}</dt>
            <dd className="text-xl tabular-nums">{children}</dd>
            {note !== undefined && <dd className="text-xs text-ink2">{note}</dd>}
        </div>
    );
}

function timeNote(typical: Typical | null): string | undefined {
    return typical === null ? undefined : say('insight.nine_of_ten', { time: duration(typical.ninety) });
}

/** What is late and unplaced now, what came in and was done lately, and how long it took. */
export default function Figures({ view, at, all, rows, teams }: FiguresPageProps) {
    const { moment, days } = useFormats();
    const name = (row: FiguresRow): string => (view.by === 'week' ? days(row.key, addDays(row.key, 6)) : row.name);
    const short = (row: FiguresRow): string => (view.by === 'week' ? days(row.key, row.key) : row.name);
    useUntilWorkedOut(at);
    const big = (count: 'overdue' | 'soon' | 'unplaced' | 'arrived' | 'done' | 'dropped'): ReactNode => (
        <CountLink of={all} count={count} view={view} row={null} />
    );
    return (
        <div className="flex h-full flex-col bg-paper">
            <Head title={say('insight.title')} />
            <header className="flex flex-wrap items-center gap-4 border-b border-line px-5 py-2">
                <h1 className="text-base font-semibold">{say('insight.title')}</h1>
                <Pick
                    label={say('insight.whose')}
                    value={view.team}
                    options={[
                        { value: '', label: say('floor.everybody') },
                        ...teams.map((one) => ({ value: one.slug, label: one.name })),
                    ]}
                    onChange={(team) => look(view, { team, by: team !== '' && view.by === 'team' ? 'kind' : view.by })}
                />
                <Pick
                    label={say('insight.by')}
                    value={view.by}
                    options={(['team', 'kind', 'week'] as const)
                        .filter((by) => by !== 'team' || view.team === '')
                        .map((by) => ({ value: by, label: say(`insight.bys.${by}`) }))}
                    onChange={(by) => look(view, { by: by as FiguresView['by'] })}
                />
                <Pick
                    label={say('insight.over')}
                    value={String(view.weeks)}
                    options={['4', '12', '26'].map((weeks) => ({
                        value: weeks,
                        label: say('insight.weeks', { weeks: Number(weeks) }),
                    }))}
                    onChange={(weeks) => look(view, { weeks: Number(weeks) as FiguresView['weeks'] })}
                />
                <p className="ms-auto text-xs text-ink2" role="status">
                    {at === null ? say('insight.counting') : say('insight.as_of', { moment: moment(at) })}
                </p>
            </header>
            <div
                className="min-h-0 flex-1 space-y-5 overflow-auto p-5"
                tabIndex={0}
                role="region"
                aria-label={say('insight.title')}
            >
                <dl className="grid grid-cols-4 gap-4 xl:grid-cols-8">
                    <Figure name={say('insight.heads.overdue')}>{big('overdue')}</Figure>
                    <Figure name={say('insight.heads.soon')}>{big('soon')}</Figure>
                    <Figure name={say('insight.heads.unplaced')}>{big('unplaced')}</Figure>
                    <Figure name={say('insight.heads.arrived')}>{big('arrived')}</Figure>
                    <Figure
                        name={say('insight.heads.done')}
                        note={
                            all.done === 0
                                ? undefined
                                : say('insight.share_in_time', {
                                      share: Math.round((100 * (all.done - all.late)) / all.done),
                                  })
                        }
                    >
                        {big('done')}
                    </Figure>
                    <Figure name={say('insight.heads.dropped')}>{big('dropped')}</Figure>
                    <Figure name={say('insight.touched')} note={timeNote(all.touched)}>
                        {all.touched === null ? '–' : duration(all.touched.median)}
                    </Figure>
                    <Figure name={say('insight.took')} note={timeNote(all.took)}>
                        {all.took === null ? '–' : duration(all.took.median)}
                    </Figure>
                </dl>
                {rows.length === 0 ? (
                    <p className="text-ink2">{say('insight.nothing')}</p>
                ) : (
                    <>
                        <Suspense fallback={<div style={{ height: 276 }} />}>
                            <Plots rows={rows} inTime={view.by === 'week'} name={short} />
                        </Suspense>
                        <FiguresTable rows={rows} view={view} name={name} />
                    </>
                )}
                <p className="text-xs text-ink2">{say(`insight.means.${view.by}`)}</p>
            </div>
        </div>
    );
}
