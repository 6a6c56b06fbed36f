import clsx from 'clsx';
import type { MapArrow, MapNode } from '@props/Map/MapPage';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { draw, figuresOf, isGroup, keyOf, nearest, type Direction, type Drawn, type Point } from '@/lib/houseMap';
import { say } from '@/lib/words';
import { PersonMark } from '@/parts/PersonMark';

type Props = {
    nodes: MapNode[];
    arrows: MapArrow[];
    opened: string[];
    /** id of the place that is looked at; empty: none */
    at: string;
    zoom: number;
    /** ids of the places where work waits longest */
    waits: ReadonlySet<string>;
    onAt: (id: string) => void;
    onOpen: (id: string) => void;
};

const DIRECTIONS = ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'];

function pathOf(points: Point[], kind: MapArrow['kind']): string {
    const [start, ...rest] = points.map((point) => `${point.x} ${point.y}`);
    if (kind === 'hands_on') return `M ${start} Q ${rest.join(' ')}`;
    return `M ${start} L ${rest.join(' L ')}`;
}

/** Thicker where more went along it; never so thick that it hides another. */
function thickness(number: number): number {
    return number === 0 ? 1 : Math.min(5, 1 + Math.log10(number) * 1.4);
}

function Lines({ drawn, at }: { drawn: Drawn; at: string }) {
    return (
        <svg width={drawn.width} height={drawn.height} aria-hidden className="absolute inset-0">
            <defs>
                {['ink2', 'plum'].map((colour) => (
                    <marker
                        key={colour}
                        id={`map-tip-${colour}`}
                        viewBox="0 0 8 8"
                        refX="7"
                        refY="4"
                        markerWidth="8"
                        markerHeight="8"
                        markerUnits="userSpaceOnUse"
                        orient="auto"
                    >
                        <path d="M0 0 L8 4 L0 8 Z" className={colour === 'plum' ? 'fill-plum' : 'fill-ink2'} />
                    </marker>
                ))}
            </defs>
            {drawn.lines.map(({ arrow, points, label }) => {
                const isOf = at === '' || arrow.from === at || arrow.to === at;
                const colour = arrow.kind === 'hands_on' ? 'plum' : 'ink2';
                return (
                    <g key={keyOf(arrow)} opacity={isOf ? 1 : 0.15}>
                        <path
                            d={pathOf(points, arrow.kind)}
                            fill="none"
                            className={colour === 'plum' ? 'stroke-plum' : 'stroke-ink2'}
                            strokeWidth={thickness(arrow.number)}
                            strokeDasharray={arrow.number === 0 ? '5 4' : undefined}
                            markerEnd={`url(#map-tip-${colour})`}
                        />
                        {arrow.number > 0 && (
                            <text
                                x={label.x}
                                y={label.y + 11}
                                className="fill-ink stroke-paper font-mono text-[11px] [paint-order:stroke]"
                                strokeWidth="3"
                            >
                                {figuresOf(arrow)}
                            </text>
                        )}
                    </g>
                );
            })}
        </svg>
    );
}

/** What stands in the box of a place. */
function Place({ node, opened, waits }: { node: MapNode; opened: boolean; waits: boolean }) {
    return (
        <>
            <span className="flex items-start gap-1.5">
                {node.kind === 'person' && <PersonMark slug={node.key} size={18} />}
                <span className={clsx('leading-[18px]', isGroup(node) && 'font-semibold')}>{node.name}</span>
            </span>
            <span className={clsx('block text-xs leading-4 tabular-nums', waits ? 'text-ochre' : 'text-ink2')}>
                {node.kind === 'person' || node.kind === 'team' || node.kind === 'people' || node.kind === 'pools'
                    ? node.inside > 0 && !opened && say('map.inside', { count: node.inside })
                    : figuresOf(node)}
            </span>
        </>
    );
}

/** The map as a drawing: places in boxes, whatever lies in an opened one within it, and arrows between them. */
export function MapDrawing({ nodes, arrows, opened, at, zoom, waits, onAt, onOpen }: Props) {
    const [drawn, setDrawn] = useState<Drawn | null>(null);
    const [focus, setFocus] = useState(at);
    const plane = useRef<HTMLDivElement>(null);
    useEffect(() => {
        let current = true;
        void draw(nodes, arrows, opened).then((result) => current && setDrawn(result));
        return () => {
            current = false;
        };
    }, [nodes, arrows, opened]);
    useEffect(() => {
        if (at === '' || drawn === null) return;
        plane.current
            ?.querySelector(`[data-node="${CSS.escape(at)}"]`)
            ?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    }, [at, drawn]);
    if (drawn === null) return <p className="p-5 text-ink2">{say('map.drawing')}</p>;
    const shown = nodes.filter((node) => drawn.boxes.has(node.id));
    const first = drawn.boxes.has(focus) ? focus : shown[0]?.id;
    const onKeyDown = (event: KeyboardEvent<HTMLButtonElement>, node: MapNode): void => {
        if (DIRECTIONS.includes(event.key)) {
            event.preventDefault();
            const next = nearest(drawn.boxes, node.id, event.key as Direction);
            if (next === null) return;
            setFocus(next);
            plane.current?.querySelector<HTMLElement>(`[data-node="${CSS.escape(next)}"]`)?.focus();
        }
        if (event.key === 'o' && node.inside > 0) {
            event.preventDefault();
            onOpen(node.id);
        }
    };
    return (
        <div
            ref={plane}
            dir="ltr"
            className="relative origin-top-left"
            style={{ width: drawn.width, height: drawn.height, zoom }}
        >
            {shown
                .filter((node) => opened.includes(node.id))
                .map((node) => (
                    <div
                        key={node.id}
                        className="absolute rounded border border-line bg-chalk"
                        style={boxStyle(drawn, node.id)}
                    />
                ))}
            <Lines drawn={drawn} at={at} />
            {shown.map((node) => {
                const isOpen = opened.includes(node.id);
                const box = drawn.boxes.get(node.id);
                return (
                    <button
                        key={node.id}
                        type="button"
                        data-node={node.id}
                        tabIndex={node.id === first ? 0 : -1}
                        aria-pressed={node.id === at}
                        aria-expanded={node.inside > 0 ? isOpen : undefined}
                        onFocus={() => setFocus(node.id)}
                        onKeyDown={(event) => onKeyDown(event, node)}
                        onClick={() => onAt(node.id === at ? '' : node.id)}
                        onDoubleClick={() => node.inside > 0 && onOpen(node.id)}
                        className={clsx(
                            'absolute px-3 py-1.5 text-start text-sm hover:bg-pine-wash',
                            isOpen ? 'rounded-t' : 'rounded border bg-paper',
                            node.id === at ? 'border-pine bg-pine-wash outline-2 outline-pine' : 'border-line',
                            node.inside > 0 && !isOpen && 'border-ink2',
                        )}
                        style={isOpen ? { left: box?.x, top: box?.y, maxWidth: box?.width } : boxStyle(drawn, node.id)}
                    >
                        <Place node={node} opened={isOpen} waits={waits.has(node.id)} />
                    </button>
                );
            })}
        </div>
    );
}

function boxStyle(drawn: Drawn, id: string): { left: number; top: number; width: number; height: number } {
    const { x, y, width, height } = drawn.boxes.get(id) ?? { x: 0, y: 0, width: 0, height: 0 };
    return { left: x, top: y, width, height };
}
