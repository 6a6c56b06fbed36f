import clsx from 'clsx';
import { Head, Link } from '@inertiajs/react';
import type { ForecastGroup, ForesightPageProps } from '@props/Foresight/ForesightPage';
import { lazy, Suspense } from 'react';
import { useFormats, weekday } from '@/lib/format';
import { load, loadShort } from '@/lib/load';
import { useUntilWorkedOut } from '@/lib/useUntilWorkedOut';
import { say } from '@/lib/words';
import { ForecastTable } from '@/parts/foresight/ForecastTable';

const Plot = lazy(() => import('@/parts/foresight/Plot'));

/** When it tips over, in a few words. */
function when(group: ForecastGroup): string {
    if (group.tips !== null) return say('foresight.tips', { day: weekday(group.tips), load: loadShort(group.worst) });
    return group.may === null ? say('foresight.calm') : say('foresight.may_tip', { day: weekday(group.may) });
}

/** What is left undone day by day, small. */
function Spark({ backlogs, most }: { backlogs: number[]; most: number }) {
    return (
        <span aria-hidden className="flex h-4 items-end gap-px">
            {backlogs.map((one, place) => (
                <span
                    key={place}
                    className={one > 0 ? 'w-1 bg-brick' : 'w-1 bg-line'}
                    style={{ height: one > 0 ? `${Math.max(20, (100 * one) / Math.max(1, most))}%` : '1px' }}
                />
            ))}
        </span>
    );
}

function Groups({ groups, shown }: { groups: ForecastGroup[]; shown: string | undefined }) {
    const most = Math.max(0, ...groups.map((group) => group.worst));
    return (
        <nav aria-label={say('foresight.of')} className="w-88 shrink-0 overflow-auto border-e border-line">
            {(['house', 'team', 'skill'] as const).map((kind) => (
                <section key={kind} aria-label={say(`foresight.kinds.${kind}`)}>
                    {kind !== 'house' && (
                        <h2 className="border-t border-line bg-chalk px-4 py-0.5 font-semibold">
                            {say(`foresight.kinds.${kind}`)}
                        </h2>
                    )}
                    <ul>
                        {groups
                            .filter((group) => group.kind === kind)
                            .map((group) => (
                                <li key={group.about}>
                                    <Link
                                        href={`/foresight?about=${encodeURIComponent(group.about)}`}
                                        preserveScroll
                                        aria-current={group.about === shown ? 'page' : undefined}
                                        className={clsx(
                                            'flex items-center gap-3 border-t border-line px-4 py-1.5',
                                            group.about === shown ? 'bg-pine-wash' : 'hover:bg-pine-wash',
                                        )}
                                    >
                                        <span className="min-w-0 flex-1">
                                            <span className="block truncate font-medium">{group.name}</span>
                                            <span
                                                className={clsx(
                                                    'block text-xs',
                                                    group.tips !== null
                                                        ? 'text-brick'
                                                        : group.may === null
                                                          ? 'text-ink2'
                                                          : 'text-ochre',
                                                )}
                                            >
                                                {when(group)}
                                            </span>
                                        </span>
                                        <Spark backlogs={group.backlogs} most={most} />
                                    </Link>
                                </li>
                            ))}
                    </ul>
                </section>
            ))}
        </nav>
    );
}

/** What would help where it tips over. */
function Help({ help }: { help: NonNullable<NonNullable<ForesightPageProps['shown']>['help']> }) {
    return (
        <p>
            <b className="font-semibold">{say('foresight.would_help')}</b>{' '}
            {say('foresight.hours_more', { time: load(help.minutes) })}
            {help.absences.length > 0 && (
                <>
                    {' '}
                    {say('foresight.absences', {
                        people: help.absences
                            .map((one) =>
                                say(one.asked ? 'foresight.asked_for' : 'foresight.approved', {
                                    person: one.name,
                                    time: load(one.minutes),
                                }),
                            )
                            .join('; '),
                    })}
                </>
            )}
        </p>
    );
}

/** What the next four weeks bring: of the house, of each team, of each skill. */
export default function Foresight({ groups, shown, at }: ForesightPageProps) {
    const { moment } = useFormats();
    const group = groups.find((one) => one.about === shown?.about);
    useUntilWorkedOut(at);
    return (
        <div className="flex h-full flex-col bg-paper">
            <Head title={say('foresight.title')} />
            <header className="flex items-baseline gap-4 border-b border-line px-5 py-3">
                <h1 className="text-xl font-semibold">{say('foresight.title')}</h1>
                <p className="min-w-0 flex-1 text-ink2">{say('foresight.means')}</p>
                {at !== null && <p className="text-xs text-ink2">{say('foresight.as_of', { moment: moment(at) })}</p>}
            </header>
            {shown === null || group === undefined ? (
                <p className="p-5 text-ink2" role="status">
                    {say('foresight.working')}
                </p>
            ) : (
                <div className="flex min-h-0 flex-1">
                    <Groups groups={groups} shown={shown.about} />
                    <div className="min-w-0 flex-1 space-y-4 overflow-auto p-5">
                        <h2 className="text-base font-semibold">
                            {group.name}: <span className={group.tips === null ? '' : 'text-brick'}>{when(group)}</span>
                        </h2>
                        {shown.help !== null && <Help help={shown.help} />}
                        <Suspense fallback={<div style={{ height: 300 }} />}>
                            <Plot days={shown.days} />
                        </Suspense>
                        <ForecastTable days={shown.days} />
                    </div>
                </div>
            )}
        </div>
    );
}
