import type { LevelledPerson, LevellingPageProps, Measures } from '@props/Levelling/LevellingPage';
import type { Measure } from '@props/Levelling/LevellingLine';
import { useFormats } from '@/lib/format';
import { load } from '@/lib/load';
import { full, late } from '@/lib/levelling';
import { useNow } from '@/lib/useNow';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';

const SAID: Record<Measure, (value: number | null) => string> = {
    late,
    peak: full,
    moves: String,
    breaks: String,
};

/** What it is like now and would be. */
export function Figures({ before, after }: { before: Measures; after: Measures }) {
    return (
        <table className="w-full" aria-label={say('level.figures_head.what')}>
            <thead className="text-xs text-ink2">
                <tr>
                    <td />
                    <th scope="col" className="text-end font-normal">
                        {say('level.figures_head.now')}
                    </th>
                    <th scope="col" className="text-end font-normal">
                        {say('level.figures_head.then')}
                    </th>
                </tr>
            </thead>
            <tbody className="tabular-nums">
                {(Object.keys(SAID) as Measure[]).map((measure) => (
                    <tr key={measure} className="border-t border-line">
                        <th scope="row" className="py-1 text-start font-normal">
                            {say(`level.figures.${measure}`)}
                        </th>
                        <td className="py-1 text-end">{SAID[measure](before[measure])}</td>
                        <td className="py-1 text-end font-medium">{SAID[measure](after[measure])}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

/** What is said of the plan against what anybody's could be. */
export function Bound({ plan }: { plan: NonNullable<LevellingPageProps['plan']> }) {
    const after = plan.after.late ?? 0;
    if (after <= plan.bound) return <p className="text-pine">{say('level.bound_met')}</p>;
    return (
        <p className="text-ink2">
            {say('level.bound', { bound: late(plan.bound) })}{' '}
            {say('level.bound_gap', { gap: load(after - plan.bound) })}
        </p>
    );
}

/** A bar of late work before and after, on the scale of whoever has most. */
function Late({ person, most }: { person: LevelledPerson; most: number }) {
    const width = (minutes: number): string => `${Math.round((100 * minutes) / Math.max(1, most))}%`;
    return (
        <span aria-hidden className="block space-y-0.5 pt-0.5">
            <span className="hatch block h-1.5 border border-brick" style={{ width: width(person.lateBefore) }} />
            <span className="block h-1.5 bg-brick" style={{ width: width(person.lateAfter) }} />
        </span>
    );
}

/** What it is and would be; what stays as it is is said once. */
function Change({ before, after, grave }: { before: string; after: string; grave: boolean }) {
    return (
        <>
            {before !== after && `${before} → `}
            <span className={grave ? 'text-brick' : ''}>{after}</span>
        </>
    );
}

/** Whose time changes, and how. */
export function People({ people }: { people: LevelledPerson[] }) {
    const { due } = useFormats();
    const now = useNow(60);
    const most = Math.max(0, ...people.map((one) => one.lateBefore));
    return (
        <table className="w-full" aria-label={say('level.people')}>
            <thead className="text-xs text-ink2">
                <tr>
                    <th scope="col" className="py-1 text-start font-normal">
                        {say('level.person')}
                    </th>
                    <th scope="col" className="py-1 text-end font-normal">
                        {say('level.late_head')}
                    </th>
                    <th scope="col" className="py-1 text-end font-normal" title={say('level.peak_title')}>
                        {say('level.peak_head')}
                    </th>
                </tr>
            </thead>
            <tbody className="tabular-nums">
                {people.map((one) => (
                    <tr key={one.slug} className="border-t border-line align-top">
                        <th scope="row" className="py-1 text-start font-medium">
                            <PersonName slug={one.slug} name={one.name} />
                            <Late person={one} most={most} />
                            {one.overFrom !== null && (
                                <span className="block text-xs font-normal text-ink2">
                                    {say(Date.parse(one.overFrom) < now ? 'level.overdue' : 'level.over_from', {
                                        moment: due(one.overFrom),
                                    })}
                                </span>
                            )}
                        </th>
                        <td className="py-1 ps-3 text-end whitespace-nowrap">
                            <Change
                                before={load(one.lateBefore)}
                                after={load(one.lateAfter)}
                                grave={one.lateAfter > 0}
                            />
                        </td>
                        <td className="py-1 ps-3 text-end whitespace-nowrap">
                            <Change
                                before={full(one.peakBefore)}
                                after={full(one.peakAfter)}
                                grave={(one.peakAfter ?? 101) > 100}
                            />
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
