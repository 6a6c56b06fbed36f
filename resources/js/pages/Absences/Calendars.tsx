import { useSending } from '@/lib/useSending';
import clsx from 'clsx';
import { Head, Link, router } from '@inertiajs/react';
import type { CalendarFault, CalendarsPageProps, CalendarTold } from '@props/Absences/CalendarsPage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { PersonName } from '@/parts/PersonMark';
import { SecretAddress } from '@/parts/SecretAddress';
import { Button } from '@/ui/Button';

function NotUnderstood({ faults }: { faults: CalendarFault[] }) {
    if (faults.length === 0) return null;
    return (
        <div>
            <h3 className="pt-2 font-medium text-ochre">{say('calendar.not_understood', { count: faults.length })}</h3>
            <ul className="text-sm">
                {faults.map((fault, index) => (
                    <li key={index}>
                        {fault.title !== '' && <span className="font-medium">{fault.title}: </span>}
                        {fault.reason}
                    </li>
                ))}
            </ul>
        </div>
    );
}

/** What a file would bring about, event by event. */
function Told({ told }: { told: CalendarTold }) {
    const formats = useFormats();
    const news = told.lines.filter((line) => line.what !== 'same');
    return (
        <>
            {news.length === 0 && <p>{say('calendar.nothing_new')}</p>}
            <ul>
                {news.map((line, index) => (
                    <li
                        key={index}
                        className={clsx(
                            'grid grid-cols-[110px_minmax(150px,1fr)_minmax(180px,1.4fr)_minmax(120px,1fr)]',
                            'gap-x-3 border-t border-line py-1',
                        )}
                    >
                        <span className={line.what === 'cancel' ? 'text-brick' : ''}>
                            {say(`calendar.whats.${line.what}`)}
                        </span>
                        <PersonName {...line.person} />
                        <span>
                            {line.first !== null && line.last !== null
                                ? formats.days(line.first, line.last)
                                : `${formats.moment(line.from ?? '')} – ${formats.moment(line.to ?? '')}`}
                        </span>
                        <span className="truncate text-ink2">{line.title}</span>
                    </li>
                ))}
            </ul>
            <NotUnderstood faults={told.notUnderstood} />
        </>
    );
}

function FromFile() {
    const [found, setFound] = useState<{ text: string; told: CalendarTold } | null>(null);
    const [done, setDone] = useState(false);
    const { faults, send } = useSending();
    const attempt = (what: () => Promise<void>): void => {
        setDone(false);
        void send(what);
    };
    const look = (file: File | undefined): void => {
        setFound(null);
        if (file !== undefined)
            attempt(async () => {
                const text = await file.text();
                setFound({ text, told: await ask<CalendarTold>('POST', '/absences/calendars/preview', text) });
            });
    };
    const take = (text: string): void =>
        attempt(async () => {
            await ask('POST', '/absences/calendars/import', text);
            setFound(null);
            setDone(true);
            router.reload();
        });
    return (
        <section aria-label={say('calendar.file')} className="box space-y-2 p-4">
            <h2 className="font-semibold">{say('calendar.file')}</h2>
            <p className="text-ink2">{say('calendar.file_description')}</p>
            <input
                className="entry w-full"
                type="file"
                accept=".ics,text/calendar"
                aria-label={say('calendar.file')}
                onChange={(event) => look(event.target.files?.[0])}
            />
            <FaultList faults={faults} />
            {found !== null && <Told told={found.told} />}
            {found !== null && found.told.lines.some((line) => line.what !== 'same') && (
                <Button look="main" onClick={() => take(found.text)}>
                    {say('calendar.take')}
                </Button>
            )}
            <p role="status">{done && say('calendar.taken')}</p>
        </section>
    );
}

function Personnel({ report, standIn }: Pick<CalendarsPageProps, 'report' | 'standIn'>) {
    const formats = useFormats();
    const counts = (['create', 'change', 'cancel', 'same'] as const).flatMap((what) =>
        report?.counts[what] === undefined ? [] : [say(`calendar.counts.${what}`, { count: report.counts[what] })],
    );
    return (
        <section aria-label={say('calendar.personnel')} className="box space-y-2 p-4">
            <h2 className="flex items-baseline justify-between font-semibold">
                {say('calendar.personnel')}
                <Button onClick={() => router.post('/absences/calendars/poll', {}, { preserveScroll: true })}>
                    {say('calendar.ask_now')}
                </Button>
            </h2>
            <p className="text-ink2">
                {say('calendar.personnel_description')}{' '}
                {standIn && (
                    <a href="/stand-ins/personnel" className="text-sky underline">
                        {say('calendar.stand_in')}
                    </a>
                )}
            </p>
            {report === null ? (
                <p className="text-ink2">{say('calendar.not_asked')}</p>
            ) : (
                <p>
                    {say('calendar.asked', {
                        moment: formats.moment(report.at),
                        counts: counts.length === 0 ? 'none' : counts.join(', '),
                    })}
                </p>
            )}
            {report !== null && report.problem !== null && <p className="text-brick">{report.problem}</p>}
            {report !== null && <NotUnderstood faults={report.notUnderstood} />}
        </section>
    );
}

/** Absences out of calendars, and into them. */
export default function Calendars({ standIn, report, teams }: CalendarsPageProps) {
    return (
        <div className="mx-auto my-6 max-w-4xl space-y-6 px-4">
            <Head title={say('calendar.title')} />
            <p>
                <Link href="/absences" className="text-sky underline">
                    {say('screen.common.absences')}
                </Link>
            </p>
            <h1 className="text-xl font-semibold">{say('calendar.title')}</h1>
            <Personnel report={report} standIn={standIn} />
            <FromFile />
            <section aria-label={say('calendar.out')} className="box space-y-2 p-4">
                <h2 className="font-semibold">{say('calendar.out')}</h2>
                <p className="text-ink2">{say('calendar.out_description')}</p>
                <ul className="space-y-1">
                    {teams.map((team) => (
                        <li key={team.slug} className="grid grid-cols-[180px_1fr] items-center gap-3">
                            <span>{team.name}</span>
                            <SecretAddress name={team.name} address={team.address} data={{ team: team.slug }} />
                        </li>
                    ))}
                </ul>
            </section>
        </div>
    );
}
