import { Head, Link, router } from '@inertiajs/react';
import type { AbsenceLine } from '@props/Absences/AbsencesPage';
import type { MePageProps } from '@props/People/MePage';
import type { ReactNode } from 'react';
import { useFormats, weekday } from '@/lib/format';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';
import { SecretAddress } from '@/parts/SecretAddress';
import { TaskRows } from '@/parts/TaskRows';

function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <section aria-label={title} className="box">
            <h2 className="px-4 pt-3 pb-1 font-semibold">{title}</h2>
            {children}
        </section>
    );
}

function Hours({ days }: Pick<MePageProps, 'days'>) {
    const formats = useFormats();
    const time = (iso: string): string => formats.toLocal(iso).slice(11);
    return (
        <ul className="grid grid-cols-7 gap-px px-4 pb-4 text-xs">
            {days.map((day) => (
                <li key={day.date} className={`min-h-14 border border-line p-1 ${day.away ? 'ruled' : ''}`}>
                    <span className="block font-semibold">{weekday(day.date)}</span>
                    {day.away && <span className="text-plum">{say('cover.away')}</span>}
                    {day.hours.map((span) => (
                        <span key={span.from} className="block whitespace-nowrap">
                            {time(span.from)}–{time(span.to)}
                        </span>
                    ))}
                    {!day.away && day.hours.length === 0 && <span className="text-ink2">{say('me.off')}</span>}
                </li>
            ))}
        </ul>
    );
}

function Absence({ absence }: { absence: AbsenceLine }) {
    const formats = useFormats();
    return (
        <li className="flex flex-wrap items-baseline gap-x-3 border-t border-line px-4 py-1.5">
            <span className="font-medium">
                {absence.first !== null && absence.last !== null
                    ? formats.days(absence.first, absence.last)
                    : `${formats.moment(absence.from)} – ${formats.moment(absence.to)}`}
            </span>
            <span className="text-ink2">{say(`absence.states.${absence.state}`)}</span>
            <span className="text-ink2">
                {absence.substitutes.length === 0
                    ? say('absence.no_substitute')
                    : say('absence.stands_in', { people: absence.substitutes.map((one) => one.name).join(', ') })}
            </span>
            {absence.may.plan && ['asked', 'running', 'coming'].includes(absence.state) && (
                <Link href={`/absences/${absence.id}`} className="ms-auto text-sky underline">
                    {say('absence.plan')}
                </Link>
            )}
        </li>
    );
}

function Known({
    skills,
    attributes,
    place,
    teams,
    zone,
}: Pick<MePageProps, 'skills' | 'attributes' | 'place' | 'teams' | 'zone'>) {
    return (
        <dl className="grid grid-cols-[90px_1fr] gap-x-4 gap-y-1 px-4 pb-3">
            <dt className="text-ink2">{say('me.skills')}</dt>
            <dd>
                {skills.length === 0
                    ? say('me.no_skills')
                    : skills.map((one) => say('me.skill', { name: one.name, level: one.level })).join(', ')}
            </dd>
            <dt className="text-ink2">{say('me.teams')}</dt>
            <dd>
                {teams.length === 0
                    ? say('me.no_teams')
                    : teams
                          .map((one) =>
                              one.weight === 100
                                  ? one.name
                                  : say('me.weighted', { name: one.name, weight: one.weight }),
                          )
                          .join(', ')}
            </dd>
            {attributes.length > 0 && <dt className="text-ink2">{say('me.attributes')}</dt>}
            {attributes.length > 0 && <dd>{attributes.join(', ')}</dd>}
            {place !== null && <dt className="text-ink2">{say('me.place')}</dt>}
            {place !== null && <dd>{place}</dd>}
            <dt className="text-ink2">{say('me.zone')}</dt>
            <dd>{zone}</dd>
        </dl>
    );
}

function Covered({ covered }: Pick<MePageProps, 'covered'>) {
    return (
        <Part title={say('me.covered')}>
            {covered.length === 0 ? (
                <p className="px-4 pb-3 text-ink2">{say('me.no_covered')}</p>
            ) : (
                <ul>
                    {covered.map(({ task, with: who }) => (
                        <li key={task.id} className="flex items-baseline gap-3 border-t border-line px-4 py-1.5">
                            <Link href={`/tasks/${task.id}`} className="min-w-0 flex-1 truncate text-sky underline">
                                № {task.number} {task.title}
                            </Link>
                            {who !== null && <PersonName {...who} />}
                        </li>
                    ))}
                </ul>
            )}
        </Part>
    );
}

function Happened({ notices }: Pick<MePageProps, 'notices'>) {
    const formats = useFormats();
    return (
        <Part title={say('notice.title')}>
            {notices.length === 0 ? (
                <p className="px-4 pb-3 text-ink2">{say('me.no_notices')}</p>
            ) : (
                <ul>
                    {notices.map((notice) => (
                        <li key={notice.id} className="flex items-baseline gap-3 border-t border-line px-4 py-1">
                            <Link
                                href={`/tasks/${notice.taskId}`}
                                className="min-w-0 flex-1 truncate text-sky underline"
                            >
                                № {notice.number} {notice.title}
                            </Link>
                            <span>{notice.said}</span>
                            <span className="text-xs whitespace-nowrap text-ink2">{formats.moment(notice.at)}</span>
                        </li>
                    ))}
                </ul>
            )}
        </Part>
    );
}

/** One's own page: when one is there, what one covers, who covers for one, and what came and went. */
export default function Me({
    person,
    zone,
    days,
    skills,
    attributes,
    place,
    teams,
    absences,
    covers,
    covered,
    notices,
    address,
}: MePageProps) {
    const formats = useFormats();
    const open = (id: string): void => router.visit(`/tasks/${id}`);
    return (
        <div className="mx-auto my-6 max-w-5xl space-y-6 px-4">
            <Head title={say('me.title')} />
            <h1 className="text-xl font-semibold">
                <PersonName {...person} />
            </h1>
            <Part title={say('me.hours')}>
                <Hours days={days} />
                <Known skills={skills} attributes={attributes} place={place} teams={teams} zone={zone} />
            </Part>
            <Part title={say('me.absences')}>
                {absences.length === 0 ? (
                    <p className="px-4 pb-3 text-ink2">{say('me.no_absences')}</p>
                ) : (
                    <ul>
                        {absences.map((one) => (
                            <Absence key={one.id} absence={one} />
                        ))}
                    </ul>
                )}
            </Part>
            <Part title={say('me.covers')}>
                {covers.length === 0 && <p className="px-4 pb-3 text-ink2">{say('me.no_covers')}</p>}
                {covers.map((cover) => (
                    <div key={cover.for.slug}>
                        <p className="px-4 py-1 text-plum">
                            {say(cover.until === null ? 'cover.in_place' : 'cover.in_place_until', {
                                person: cover.for.name,
                                until: cover.until === null ? '' : formats.until(cover.until),
                            })}
                        </p>
                        <TaskRows
                            label={say('cover.in_place', { person: cover.for.name })}
                            tasks={cover.tasks}
                            chosen={undefined}
                            onChoose={open}
                        />
                    </div>
                ))}
            </Part>
            <Covered covered={covered} />
            <Happened notices={notices} />
            <Part title={say('calendar.own')}>
                <div className="space-y-1 px-4 pb-3">
                    <p className="text-ink2">{say('calendar.own_description')}</p>
                    <SecretAddress name={person.name} address={address} data={{}} />
                </div>
            </Part>
        </div>
    );
}
