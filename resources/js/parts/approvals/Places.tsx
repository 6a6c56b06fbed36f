import type { ApprovalLine, ApprovalPlace } from '@props/Approvals/ApprovalLine';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';

const COLOURS = { yes: 'text-pine', no: 'text-brick', asked: 'text-ochre', vacant: 'text-brick' } as const;

function stateOf(place: ApprovalPlace, over: boolean): string {
    if (place.vote !== null) return place.vote;
    if (place.by === null) return 'vacant';
    if (place.asked) return 'asked';
    return over ? 'over' : 'later';
}

/** Who is asked, who answers for them, and what they said. */
export function Places({ of }: { of: ApprovalLine }) {
    const formats = useFormats();
    return (
        <ul>
            {of.places.map((place) => {
                const state = stateOf(place, of.outcome !== null);
                return (
                    <li key={place.for.slug} className="flex flex-wrap gap-x-3 py-0.5">
                        <span>
                            {place.by === null || place.by.slug === place.for.slug
                                ? place.for.name
                                : say('approval.in_place', { by: place.by.name, for: place.for.name })}
                        </span>
                        <span className={`font-semibold ${COLOURS[state as keyof typeof COLOURS] ?? 'text-ink2'}`}>
                            {say(`approval.place.${state}`)}
                        </span>
                        {place.at !== null && <span className="text-ink2">{formats.moment(place.at)}</span>}
                        {place.reason !== null && <span className="basis-full text-ink2">{place.reason}</span>}
                    </li>
                );
            })}
        </ul>
    );
}

/** How many have to say yes, who wanted it, and by when. */
export function Asked({ of }: { of: ApprovalLine }) {
    const formats = useFormats();
    return (
        <p className="text-ink2">
            {say(`approval.ways.${of.way}`, { least: of.least })};{' '}
            {say('approval.asked_by', { person: of.by?.name ?? 'none', moment: formats.moment(of.at) })}
            {of.latest !== null && of.outcome === null && (
                <>; {say('approval.until', { moment: formats.moment(of.latest) })}</>
            )}
        </p>
    );
}
