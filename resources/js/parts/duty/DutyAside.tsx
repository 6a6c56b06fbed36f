import { Link } from '@inertiajs/react';
import type { DutyDateLine } from '@props/Duties/DutiesPage';
import type { DutyEditorPageProps } from '@props/Duties/DutyEditorPage';
import { useFormats } from '@/lib/format';
import type { NextDate, WrittenDuty } from '@/lib/useDuty';
import { say } from '@/lib/words';

/** What has become of a date. */
export function DutyDate({ of }: { of: DutyDateLine }) {
    const formats = useFormats();
    const { task } = of;
    return (
        <>
            <span className="tabular-nums">{formats.days(of.date, of.date)}</span>{' '}
            {task !== null && (
                <Link href={`/tasks/${task.id}`} className="text-sky underline">
                    {say('duty.number', { number: task.number })}
                </Link>
            )}{' '}
            <span className="text-ink2">
                {of.missed !== null
                    ? say(`duty.missed.${of.missed}`)
                    : task === null
                      ? ''
                      : task.done !== null
                        ? say('duty.done', { moment: formats.moment(task.done) })
                        : say('duty.open_with', { person: task.holder?.name ?? 'none' })}
            </span>
        </>
    );
}

/** Those that an entry of the page is called after. */
const MEMBERS = new Set([
    'name',
    'task',
    'title',
    'details',
    'customer',
    'rule',
    'from',
    'after_last',
    'comes',
    'appears',
    'due',
    'until',
    'count',
    'pause',
    'pool',
    'method',
]);

function Next({ date }: { date: NextDate }) {
    const formats = useFormats();
    return (
        <li className="flex flex-wrap items-baseline gap-x-2 py-0.5">
            <span className="w-28 tabular-nums">{formats.days(date.date, date.date)}</span>
            <span className="min-w-0 flex-1 break-words text-ink2">
                {date.title}
                {date.key !== date.date && ` · ${say('duty.instead_of', { day: formats.days(date.key, date.key) })}`}
            </span>
        </li>
    );
}

/** What the duty says, when it comes next, and what has become of it so far. */
export function DutyAside({ page, written }: { page: DutyEditorPageProps; written: WrittenDuty }) {
    const { preview } = written;
    const faults = preview?.faults ?? [];
    return (
        <aside className="space-y-4" aria-label={say('duty.beside')}>
            <section className="box p-4" aria-label={say('duty.next_dates')} aria-live="polite">
                <h2 className="mb-1 font-semibold">{say('duty.next_dates')}</h2>
                {preview === null && <p className="text-ink2">…</p>}
                {faults.length > 0 && (
                    <>
                        <p className="text-ochre">{say('duty.not_yet', { count: faults.length })}</p>
                        <ul className="mt-1 space-y-1">
                            {faults.map((fault) => (
                                <li
                                    key={fault.pointer + fault.reason}
                                    className={`break-words ${fault.unfinished ? 'text-ochre' : 'text-brick'}`}
                                >
                                    {say('duty.wrong', {
                                        where: say(`duty.member.${MEMBERS.has(fault.member) ? fault.member : 'other'}`),
                                        reason: fault.unfinished ? say('screen.common.needed') : fault.reason,
                                    })}
                                </li>
                            ))}
                        </ul>
                    </>
                )}
                {preview !== null && preview.says !== null && (
                    <>
                        <p className="mb-2 break-words">{preview.says}</p>
                        {preview.dates.length === 0 && <p className="text-ink2">{say('duty.none_comes')}</p>}
                        <ol>
                            {preview.dates.map((date) => (
                                <Next key={date.key} date={date} />
                            ))}
                        </ol>
                        {written.duty.comes.after_last !== undefined && (
                            <p className="text-ink2">{say('duty.then_after')}</p>
                        )}
                    </>
                )}
            </section>
            {page.dates.length > 0 && (
                <section className="box p-4" aria-label={say('duty.last_dates')}>
                    <h2 className="mb-1 font-semibold">{say('duty.last_dates')}</h2>
                    <ul>
                        {page.dates.map((date) => (
                            <li key={date.date} className="py-0.5">
                                <DutyDate of={date} />
                            </li>
                        ))}
                    </ul>
                </section>
            )}
        </aside>
    );
}
