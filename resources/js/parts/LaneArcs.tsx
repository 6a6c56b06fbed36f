import { useLayoutEffect, useRef, useState } from 'react';

/** From one lane to another, by slug; said to whoever does not see it. */
export type LaneArc = { from: string; to: string; label: string | null; said: string };

type Drawn = LaneArc & { top: number; bottom: number };

/** Where the lane of somebody lies, from the top of the lanes. */
function middleOf(lanes: HTMLElement, slug: string): number | null {
    const row = lanes.querySelector<HTMLElement>(`[data-lane="${CSS.escape(slug)}"]`);
    return row === null ? null : row.offsetTop + row.offsetHeight / 2;
}

/** From right to left the arcs are drawn the other way round; what is written on them is not. */
const UPRIGHT = 'fill-plum text-xs font-semibold [transform-box:fill-box] [transform-origin:center] rtl:-scale-x-100';

/**
 * Arcs in the margin of the lanes, from whoever is away to whoever covers. They follow the lanes wherever these come to
 * lie.
 */
export function LaneArcs({ arcs }: { arcs: LaneArc[] }) {
    const place = useRef<SVGSVGElement>(null);
    const [drawn, setDrawn] = useState<Drawn[]>([]);
    useLayoutEffect(() => {
        const lanes = place.current?.parentElement;
        if (lanes === null || lanes === undefined) return undefined;
        const draw = (): void =>
            setDrawn(
                arcs.flatMap((arc) => {
                    const [top, bottom] = [middleOf(lanes, arc.from), middleOf(lanes, arc.to)];
                    return top === null || bottom === null ? [] : [{ ...arc, top, bottom }];
                }),
            );
        draw();
        const watch = new ResizeObserver(draw);
        watch.observe(lanes);
        return () => watch.disconnect();
    }, [arcs]);
    return (
        <svg
            ref={place}
            className="pointer-events-none absolute top-0 start-0 z-[5] h-full w-11 overflow-visible rtl:-scale-x-100"
            role={drawn.length === 0 ? 'presentation' : 'img'}
            aria-label={drawn.length === 0 ? undefined : drawn.map((one) => one.said).join('; ')}
        >
            {drawn.map(({ from, to, top, bottom, label, said }, index) => {
                // Further apart bulges more, so that one can be told from another.
                const bulge = Math.max(4, 26 - Math.min(22, Math.abs(bottom - top) / 10) - (index % 3) * 3);
                const middle = (top + bottom) / 2;
                return (
                    <g key={`${from} ${to}`}>
                        <title>{said}</title>
                        <path
                            d={`M38 ${top}C${bulge - 8} ${top} ${bulge - 8} ${bottom} 36 ${bottom}`}
                            fill="none"
                            className="stroke-plum"
                            strokeWidth="1.5"
                        />
                        <path
                            d={`M32 ${bottom - 4}L37 ${bottom}L32 ${bottom + 4}`}
                            fill="none"
                            className="stroke-plum"
                            strokeWidth="1.5"
                        />
                        {label !== null && (
                            <>
                                <rect
                                    x={bulge - 6}
                                    y={middle - 8}
                                    width={14 + label.length * 3}
                                    height={16}
                                    className="fill-paper"
                                />
                                <text x={bulge - 4} y={middle + 4} className={UPRIGHT}>
                                    {label}
                                </text>
                            </>
                        )}
                    </g>
                );
            })}
        </svg>
    );
}
