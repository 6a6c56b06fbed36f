import type { Rule, Strip } from '@props/Rules/RulebookPage';
import { say } from '@/lib/words';

const WIDTH = 96;

/** acts: on anything that happened; about: some of it is estimated */
export type Share = { taken: number; before: number; after: number; acts: number; about: boolean };

/** Whether a rule is among those that arriving work goes by. */
export function takesArrivals(rule: Rule): boolean {
    return rule.give !== undefined && rule.when.some((event) => event.kind === 'task_arrives');
}

/** What is left of the recent work before and after each rule. */
export function shares(rules: { id: string }[], strip: Strip): Map<string, Share> {
    const found = new Map<string, Share>();
    const estimated = new Set(strip.estimated);
    let left = strip.total;
    for (const rule of rules) {
        const taken = strip.taken[rule.id] ?? 0;
        found.set(rule.id, {
            taken,
            before: left,
            after: left - taken,
            acts: strip.acts[rule.id] ?? 0,
            about: estimated.has(rule.id),
        });
        left -= taken;
    }
    return found;
}

/** One rule's piece of the strip: as wide at the top as what reaches it, narrower below by what it takes. */
export function StripPiece({ share, total, rule }: { share: Share | undefined; total: number; rule: Rule | null }) {
    if (share === undefined || total === 0) return <div className="w-24 shrink-0" />;
    const top = (share.before / total) * WIDTH;
    const bottom = (share.after / total) * WIDTH;
    return (
        <div className="relative w-24 shrink-0 self-stretch">
            <svg
                className="absolute inset-0 h-full w-full"
                viewBox={`0 0 ${WIDTH} 100`}
                preserveAspectRatio="none"
                aria-hidden="true"
            >
                <polygon points={`0,0 ${top},0 ${bottom},100 0,100`} className="fill-pine/25" />
                <polygon points={`${top},0 ${bottom},100 ${top},100`} className="fill-pine" />
            </svg>
            {rule !== null && <Figures share={share} total={total} rule={rule} />}
        </div>
    );
}

function Figures({ share, total, rule }: { share: Share; total: number; rule: Rule }) {
    const arrives = takesArrivals(rule);
    const about = share.about ? '≈ ' : '';
    const dead = arrives && rule.active !== false && share.acts === 0;
    return (
        <span className={`absolute top-1.5 end-1 text-xs ${dead ? 'font-semibold text-ochre' : ''}`}>
            <span className="bg-paper/85 px-0.5">
                {arrives ? (
                    share.taken
                ) : (
                    <span
                        aria-hidden="true"
                        title={share.about ? say('screen.coverage_strip.estimated_by_the_dates') : undefined}
                    >{`${about}${share.acts}×`}</span>
                )}
                <span className="sr-only">
                    {arrives
                        ? ` ${say('screen.coverage_strip.of_recent', { total })}`
                        : share.about
                          ? say('strip.about', { times: share.acts })
                          : say('strip.acted', { times: share.acts })}
                </span>
                {arrives && share.acts > share.taken && (
                    <span className="block text-end text-ink2">
                        {say('screen.coverage_strip.else', { about, count: share.acts - share.taken })}
                    </span>
                )}
            </span>
        </span>
    );
}
