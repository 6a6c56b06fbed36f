import type { Rule, Strip } from '@props/RulebookPage';

const WIDTH = 96;

type Share = { taken: number; before: number; after: number };

/** What is left of the recent work before and after each rule. */
export function shares(rules: Rule[], strip: Strip): Map<string, Share> {
    const found = new Map<string, Share>();
    let left = strip.total;
    for (const rule of rules) {
        const taken = strip.taken[rule.id] ?? 0;
        found.set(rule.id, { taken, before: left, after: left - taken });
        left -= taken;
    }
    return found;
}

/** One rule's piece of the strip: as wide at the top as what reaches it, narrower below by what it takes. */
export function StripPiece({ share, total, gives, active }: { share: Share | undefined; total: number; gives: boolean; active: boolean }) {
    if (share === undefined || total === 0) return <div className="w-24 shrink-0" />;
    const top = (share.before / total) * WIDTH;
    const bottom = (share.after / total) * WIDTH;
    const dead = gives && active && share.taken === 0;
    return (
        <div className="relative w-24 shrink-0 self-stretch">
            <svg className="absolute inset-0 h-full w-full" viewBox={`0 0 ${WIDTH} 100`} preserveAspectRatio="none" aria-hidden="true">
                <polygon points={`0,0 ${top},0 ${bottom},100 0,100`} className="fill-pine/25" />
                <polygon points={`${top},0 ${bottom},100 ${top},100`} className="fill-pine" />
            </svg>
            <span className={`absolute top-1.5 right-1 text-xs ${dead ? 'font-semibold text-ochre' : ''}`}>
                {gives ? (
                    <span className="bg-paper/85 px-0.5">
                        {share.taken}
                        <span className="sr-only"> of {total} recent tasks</span>
                    </span>
                ) : (
                    <span className="text-ink2">–</span>
                )}
            </span>
        </div>
    );
}
