import clsx from 'clsx';
import { Head, Link, router } from '@inertiajs/react';
import type { AbsenceLine, AbsencesPageProps } from '@props/Absences/AbsencesPage';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { AbsenceChart } from '@/parts/absence/AbsenceChart';
import { AbsenceDialog } from '@/parts/absence/AbsenceDialog';
import { DecideDialog } from '@/parts/absence/DecideDialog';
import { PersonName } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';

/** The groups in which absences stand, those to be decided first. */
const GROUPS: [string, AbsenceLine['state'][]][] = [
    ['asked', ['asked']],
    ['running', ['running']],
    ['coming', ['coming']],
    ['past', ['over', 'declined', 'cancelled']],
];

function Line({
    absence,
    onDecide,
    onChange,
}: {
    absence: AbsenceLine;
    onDecide: (approve: boolean) => void;
    onChange: () => void;
}) {
    const formats = useFormats();
    const told = [
        ...(absence.kind === null ? [] : [say(`absence.kinds.${absence.kind}`)]),
        ...(absence.note === null ? [] : [absence.note]),
    ].join(': ');
    return (
        <li
            className={clsx(
                'grid grid-cols-[minmax(140px,0.9fr)_minmax(160px,0.9fr)_minmax(170px,1.2fr)_auto]',
                'items-start gap-x-4 border-t border-line px-4 py-2 first:border-0',
            )}
        >
            <span>{absence.person !== null && <PersonName {...absence.person} />}</span>
            <span>
                {absence.first !== null && absence.last !== null
                    ? formats.days(absence.first, absence.last)
                    : `${formats.moment(absence.from)} – ${formats.moment(absence.to)}`}
                {['declined', 'cancelled'].includes(absence.state) && (
                    <span className="ms-2 text-ink2">{say(`absence.states.${absence.state}`)}</span>
                )}
            </span>
            <span className="min-w-0 text-ink2 [overflow-wrap:anywhere]">
                {told}
                {told !== '' && <br />}
                {absence.substitutes.length > 0 &&
                    say('absence.stands_in', {
                        people: absence.substitutes
                            .map((one) =>
                                one.only === null ? one.name : say('absence.for_some_work', { person: one.name }),
                            )
                            .join(', '),
                    })}
                {absence.substitutes.length === 0 && absence.conflicts.length === 0 && say('absence.no_substitute')}
                {absence.conflicts.map((one) => (
                    <span key={one} className="block text-ochre">
                        {one}
                    </span>
                ))}
                {absence.word !== null && <span className="block">“{absence.word}”</span>}
            </span>
            <span className="flex items-center justify-end gap-1">
                {absence.may.plan && !['over', 'declined', 'cancelled'].includes(absence.state) && (
                    <Link
                        href={`/absences/${absence.id}`}
                        className="px-1 text-sm font-medium whitespace-nowrap text-sky hover:underline"
                    >
                        {say('absence.plan')}
                    </Link>
                )}
                {absence.may.change && (
                    <Button look="quiet" onClick={onChange}>
                        {say('absence.edit')}
                    </Button>
                )}
                {absence.may.decide && (
                    <>
                        <Button onClick={() => onDecide(true)}>{say('absence.approve')}</Button>
                        <Button look="grave" onClick={() => onDecide(false)}>
                            {say('absence.decline')}
                        </Button>
                    </>
                )}
                {absence.may.end && (
                    <Button
                        look="quiet"
                        onClick={() => router.post(`/absences/${absence.id}/end`, {}, { preserveScroll: true })}
                    >
                        {say(absence.state === 'running' ? 'absence.end_now' : 'absence.call_off')}
                    </Button>
                )}
            </span>
        </li>
    );
}

export default function Absences(props: AbsencesPageProps) {
    const { absences, self, leads } = props;
    const [asking, setAsking] = useState<AbsenceLine | true | null>(null);
    const [deciding, setDeciding] = useState<{ absence: AbsenceLine; approve: boolean } | null>(null);
    return (
        <div className="mx-auto my-6 max-w-6xl space-y-6 px-4">
            <Head title={say('screen.common.absences')} />
            <header className="flex items-baseline justify-between">
                <h1 className="text-xl font-semibold">{say('screen.common.absences')}</h1>
                {(leads || self !== null) && (
                    <span className="flex items-baseline gap-4">
                        {leads && (
                            <Link href="/absences/calendars" className="font-medium text-sky hover:underline">
                                {say('calendar.title')}
                            </Link>
                        )}
                        <Link href="/absences/what-if" className="font-medium text-sky hover:underline">
                            {say('cover.what_if')}
                        </Link>
                        <Button look="main" onClick={() => setAsking(true)}>
                            {say(leads ? 'absence.enter' : 'absence.ask')}
                        </Button>
                    </span>
                )}
            </header>
            <AbsenceChart chart={props.chart} groups={props.groups} leads={leads} />
            {GROUPS.map(([group, states]) => {
                const lines = absences.filter((one) => states.includes(one.state));
                if (group === 'past') lines.reverse();
                return (
                    <section key={group} aria-label={say(`absence.groups.${group}`)} className="box">
                        <h2 className="px-4 pt-3 pb-2 font-semibold">
                            {say(`absence.groups.${group}`)}{' '}
                            <span className="font-normal text-ink2">{lines.length}</span>
                        </h2>
                        {lines.length === 0 ? (
                            <p className="px-4 pb-3 text-ink2">{say(`absence.none.${group}`)}</p>
                        ) : (
                            <ul>
                                {lines.map((absence) => (
                                    <Line
                                        key={absence.id}
                                        absence={absence}
                                        onDecide={(approve) => setDeciding({ absence, approve })}
                                        onChange={() => setAsking(absence)}
                                    />
                                ))}
                            </ul>
                        )}
                    </section>
                );
            })}
            {asking !== null && (
                <AbsenceDialog {...props} absence={asking === true ? null : asking} onClose={() => setAsking(null)} />
            )}
            {deciding !== null && <DecideDialog {...deciding} onClose={() => setDeciding(null)} />}
        </div>
    );
}
