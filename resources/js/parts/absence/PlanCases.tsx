import { Link } from '@inertiajs/react';
import type { CoverCase } from '@props/Absences/CoverPlan';
import { say } from '@/lib/words';
import { PersonName } from '../PersonMark';

/** The cases of somebody who is away, each with who answers for it meanwhile. */
export function PlanCases({ cases }: { cases: CoverCase[] }) {
    return (
        <ul>
            {cases.map((one) => (
                <li
                    key={one.id}
                    className="flex flex-wrap items-baseline gap-x-4 border-t border-line px-4 py-1.5 first:border-0"
                >
                    <Link href={`/cases/${one.id}`} className="min-w-0 flex-1 text-sky underline">
                        {say('case.number', { number: String(one.number) })} {one.title}
                    </Link>
                    <span className="text-ink2">{one.stage}</span>
                    {one.to === null ? (
                        <span className="text-ink2">{say('cover.case_stays')}</span>
                    ) : (
                        <PersonName slug={one.to.slug} name={one.to.name} className="shrink-0" />
                    )}
                </li>
            ))}
        </ul>
    );
}
