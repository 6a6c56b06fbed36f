import { Head, Link, router } from '@inertiajs/react';
import type { AbsenceLine } from '@props/Absences/AbsencesPage';
import type { CoverPageProps } from '@props/Absences/CoverPage';
import type { CoverMention, CoverPlan } from '@props/Absences/CoverPlan';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { DecideDialog } from '@/parts/absence/DecideDialog';
import { PlanCases } from '@/parts/absence/PlanCases';
import { PlanLines } from '@/parts/absence/PlanLines';
import { PlanLoads } from '@/parts/absence/PlanLoads';
import { WhatIf } from '@/parts/absence/WhatIf';
import { PersonName } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';

/** How many tasks pass to whom, how many find nobody, how many stay. */
function Summary({ plan }: { plan: CoverPlan }) {
    const passing = plan.loads.map((load) => say('cover.passes_to', { count: load.tasks, person: load.person.name }));
    return (
        <p>
            {plan.lines.length === 0 && say('cover.empty')}
            {passing.join(', ')}
            {passing.length > 0 && '. '}
            {plan.gaps > 0 && <strong className="text-brick">{say('cover.gaps', { count: plan.gaps })} </strong>}
        </p>
    );
}

function Named({ named }: { named: CoverMention[] }) {
    return (
        <ul>
            {named.map((one) => (
                <li
                    key={one.said}
                    className="flex items-baseline justify-between gap-4 border-t border-line px-4 py-1.5"
                >
                    {one.url === null ? (
                        <span>{one.said}</span>
                    ) : (
                        <Link href={one.url} className="text-sky underline">
                            {one.said}
                        </Link>
                    )}
                    <span className="text-ink2">
                        {one.instead.map((person) => (
                            <span key={person.slug + (person.work ?? '')} className="flex items-baseline gap-2">
                                {say('cover.instead')}{' '}
                                <PersonName slug={person.slug} name={person.name} className="shrink-0 text-ink" />
                                {person.work !== null && say('cover.for_work', { work: person.work })}
                            </span>
                        ))}
                    </span>
                    {one.gap && <strong className="shrink-0 text-brick">{say('cover.nobody_answers')}</strong>}
                </li>
            ))}
        </ul>
    );
}

function Decide({ absence }: { absence: AbsenceLine }) {
    const [deciding, setDeciding] = useState<boolean | null>(null);
    return (
        <span className="flex gap-2">
            {absence.may.decide && (
                <>
                    <Button look="main" onClick={() => setDeciding(true)}>
                        {say('absence.approve')}
                    </Button>
                    <Button look="grave" onClick={() => setDeciding(false)}>
                        {say('absence.decline')}
                    </Button>
                </>
            )}
            {absence.may.handOver && (
                <Button onClick={() => router.post(`/absences/${absence.id}/hand-over`, {}, { preserveScroll: true })}>
                    {say('cover.hand_over')}
                </Button>
            )}
            {deciding !== null && (
                <DecideDialog absence={absence} approve={deciding} onClose={() => setDeciding(null)} />
            )}
        </span>
    );
}

function Header({ absence, span }: Pick<CoverPageProps, 'absence' | 'span'>) {
    const formats = useFormats();
    if (absence === null) {
        return (
            <header>
                <h1 className="text-xl font-semibold">{say('cover.what_if')}</h1>
                <p className="text-ink2">{say('cover.what_if_description')}</p>
            </header>
        );
    }
    const when =
        absence.first !== null && absence.last !== null
            ? formats.days(absence.first, absence.last)
            : span === null
              ? ''
              : `${formats.moment(span.from)} – ${formats.moment(span.to)}`;
    const told = [
        absence.kind === null ? '' : say(`absence.kinds.${absence.kind}`),
        say(`absence.held_policies.${absence.held}`),
        say(`absence.hand_back_policies.${absence.handBack}`),
        absence.handedOver ? say('cover.handed_over') : '',
    ].filter((one) => one !== '');
    return (
        <header className="flex flex-wrap items-start justify-between gap-4">
            <div>
                <h1 className="text-xl font-semibold">{say('cover.title', { person: absence.person?.name ?? '' })}</h1>
                <p>
                    <strong>{when}</strong> <span className="text-ink2">{say(`absence.states.${absence.state}`)}</span>
                </p>
                <p className="text-ink2">{told.join(' · ')}</p>
                {absence.substitutes.length > 0 && (
                    <p className="text-ink2">
                        {say('absence.stands_in', {
                            people: absence.substitutes
                                .map((one) =>
                                    one.only === null ? one.name : say('absence.for_some_work', { person: one.name }),
                                )
                                .join(', '),
                        })}
                    </p>
                )}
            </div>
            <Decide absence={absence} />
        </header>
    );
}

export default function Cover({
    absence,
    asked,
    plan,
    cases,
    named,
    conflicts,
    span,
    people,
    self,
    leads,
    policies,
    maySet,
}: CoverPageProps) {
    const onSet =
        absence !== null && maySet
            ? (taskId: string, choice: { auto: boolean; to: string }): void =>
                  router.post(
                      `/absences/${absence.id}/cover`,
                      { task: taskId, auto: choice.auto ? 1 : 0, to: choice.to },
                      { preserveScroll: true, preserveState: true },
                  )
            : null;
    const others = people.filter((one) => one.value !== (absence?.person?.slug ?? asked?.person));
    const passing = (plan?.lines ?? [])
        .filter((line) => line.passes)
        .sort((one, other) => Number(other.gap) - Number(one.gap));
    const staying = (plan?.lines ?? []).filter((line) => !line.passes);
    return (
        <div className="mx-auto my-6 max-w-6xl space-y-6 px-4">
            <Head
                title={
                    absence === null ? say('cover.what_if') : say('cover.title', { person: absence.person?.name ?? '' })
                }
            />
            <p>
                <Link href="/absences" className="text-sky underline">
                    {say('screen.common.absences')}
                </Link>
            </p>
            <Header absence={absence} span={span} />
            {asked !== null && <WhatIf asked={asked} people={people} self={self} leads={leads} policies={policies} />}
            {plan !== null && (
                <>
                    {conflicts.length > 0 && (
                        <ul className="text-ochre" aria-label={say('cover.conflicts')}>
                            {conflicts.map((one) => (
                                <li key={one}>{one}</li>
                            ))}
                        </ul>
                    )}
                    <section aria-label={say('cover.tasks')} className="box">
                        <h2 className="px-4 pt-3 font-semibold">{say('cover.tasks')}</h2>
                        <div className="px-4 pb-3">
                            <Summary plan={plan} />
                        </div>
                        {passing.length > 0 && <PlanLines lines={passing} people={others} onSet={onSet} />}
                        {staying.length > 0 && (
                            <details className="border-t border-line" open={passing.length === 0}>
                                <summary className="cursor-pointer px-4 py-2 text-sky">
                                    {say('cover.stay', { count: staying.length })}
                                </summary>
                                <PlanLines lines={staying} people={others} onSet={onSet} />
                            </details>
                        )}
                    </section>
                    {cases.length > 0 && (
                        <section aria-label={say('cover.cases')} className="box">
                            <h2 className="px-4 pt-3 pb-1 font-semibold">{say('cover.cases')}</h2>
                            <PlanCases cases={cases} />
                        </section>
                    )}
                    {plan.loads.length > 0 && (
                        <section aria-label={say('cover.loads')} className="box">
                            <h2 className="px-4 pt-3 pb-1 font-semibold">{say('cover.loads')}</h2>
                            <PlanLoads loads={plan.loads} />
                        </section>
                    )}
                    <section aria-label={say('cover.named_title')} className="box">
                        <h2 className="px-4 pt-3 pb-2 font-semibold">{say('cover.named_title')}</h2>
                        {named.length === 0 ? (
                            <p className="px-4 pb-3 text-ink2">{say('cover.named_nowhere')}</p>
                        ) : (
                            <Named named={named} />
                        )}
                    </section>
                </>
            )}
        </div>
    );
}
