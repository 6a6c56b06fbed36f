import type { FloorPageProps } from '@props/FloorPage';
import { useLayoutEffect, useRef, useState } from 'react';
import { say } from '@/lib/words';

type Drawn = { key: string; from: number; to: number; count: number; said: string };

/** Where the lane of somebody lies, from the top of the lanes. */
function middleOf(lanes: HTMLElement, slug: string): number | null {
    const row = lanes.querySelector<HTMLElement>(`[data-lane="${CSS.escape(slug)}"]`);
    return row === null ? null : row.offsetTop + row.offsetHeight / 2;
}

/**
 * Arcs in the margin of the lanes, from whoever is away to whoever has their
 * work, with the number of tasks. They follow the lanes wherever these come to lie.
 */
export function CoverArcs({ covers, names }: { covers: FloorPageProps['covers']; names: Map<string, string> }) {
    const place = useRef<SVGSVGElement>(null);
    const [drawn, setDrawn] = useState<Drawn[]>([]);
    useLayoutEffect(() => {
        const lanes = place.current?.parentElement;
        if (lanes === null || lanes === undefined) return undefined;
        const draw = (): void =>
            setDrawn(
                covers.flatMap((cover) => {
                    const from = middleOf(lanes, cover.for);
                    const to = middleOf(lanes, cover.by);
                    const said = say('cover.arc', { count: cover.count, person: names.get(cover.for) ?? cover.for, substitute: names.get(cover.by) ?? cover.by });
                    return from === null || to === null ? [] : [{ key: `${cover.for} ${cover.by}`, from, to, count: cover.count, said }];
                }),
            );
        draw();
        const watch = new ResizeObserver(draw);
        watch.observe(lanes);
        return () => watch.disconnect();
    }, [covers, names]);
    return (
        <svg ref={place} className="pointer-events-none absolute top-0 left-0 h-full w-11 overflow-visible" role={drawn.length === 0 ? 'presentation' : 'img'} aria-label={drawn.length === 0 ? undefined : drawn.map((one) => one.said).join('; ')}>
            {drawn.map(({ key, from, to, count, said }, index) => {
                // Further apart bulges more, so that one can be told from another.
                const bulge = Math.max(4, 26 - Math.min(22, Math.abs(to - from) / 10) - (index % 3) * 3);
                const middle = (from + to) / 2;
                return (
                    <g key={key}>
                        <title>{said}</title>
                        <path d={`M38 ${from}C${bulge - 8} ${from} ${bulge - 8} ${to} 36 ${to}`} fill="none" className="stroke-plum" strokeWidth="1.5" />
                        <path d={`M32 ${to - 4}L37 ${to}L32 ${to + 4}`} fill="none" className="stroke-plum" strokeWidth="1.5" />
                        <rect x={bulge - 6} y={middle - 8} width={14 + String(count).length * 3} height={16} className="fill-paper" />
                        <text x={bulge - 4} y={middle + 4} className="fill-plum text-xs font-semibold">
                            {count}
                        </text>
                    </g>
                );
            })}
        </svg>
    );
}
