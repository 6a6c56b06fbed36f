import type { MapArrow, MapNode } from '@props/Map/MapPage';
import type { ElkExtendedEdge, ElkNode } from 'elkjs/lib/elk-api';
import { duration } from './format';
import { say } from './words';

export type Box = { x: number; y: number; width: number; height: number };
export type Point = { x: number; y: number };
export type Drawn = {
    width: number;
    height: number;
    boxes: Map<string, Box>;
    lines: { arrow: MapArrow; points: Point[]; label: Point }[];
};

/** As wide as its name is, within these; a longer name is broken into lines. */
const LEAST = 120;
const MOST = 240;
const LINE = 18;
const FIGURES = 16;
const PADDING = 16;
const MARK = 18;
const LABEL = { width: 84, height: 14 };
/** How far the arcs of those who hand work on bulge, at the right of whom they begin. */
const BULGE = 90;

/** Where in the drawing each kind stands, from the left: what begins work, what carries it, who does it. */
const LAYERS: Partial<Record<MapNode['kind'], string>> = {
    rules: '0',
    duties: '0',
    track: '1',
    runsheet: '1',
    team: '2',
    people: '2',
    pools: '2',
};

const FIXED = {
    'elk.algorithm': 'layered',
    'elk.direction': 'RIGHT',
    'elk.hierarchyHandling': 'INCLUDE_CHILDREN',
    'elk.partitioning.activate': 'true',
    'elk.edgeRouting': 'POLYLINE',
    'elk.json.edgeCoords': 'ROOT',
    'elk.json.shapeCoords': 'ROOT',
    'elk.layered.spacing.nodeNodeBetweenLayers': '56',
    'elk.layered.considerModelOrder.strategy': 'NODES_AND_EDGES',
    'elk.spacing.nodeNode': '14',
    'elk.spacing.edgeNode': '10',
    'elk.padding': '[top=16,left=16,bottom=16,right=16]',
};

export function isGroup(node: MapNode): boolean {
    return node.within === null;
}

export function keyOf({ kind, from, to }: MapArrow): string {
    return `${kind} ${from} ${to}`;
}

/** "41 · 4 h": how often, and how long usually. */
export function figuresOf(of: { number: number; median: number | null }): string {
    if (of.number === 0) return say('map.not_once');
    const often = say('map.times', { number: of.number });
    return of.median === null ? often : `${often} · ${duration(of.median)}`;
}

type Measure = (text: string, bold?: boolean) => number;

function measured(): Measure {
    const canvas = document.createElement('canvas').getContext('2d');
    const family = getComputedStyle(document.body).fontFamily;
    return (text, bold = false) => {
        if (canvas === null) return text.length * 8;
        canvas.font = `${bold ? 600 : 400} 14px ${family}`;
        return Math.ceil(canvas.measureText(text).width);
    };
}

function sizeOf(node: MapNode, measure: Measure): { width: number; height: number } {
    const mark = node.kind === 'person' ? MARK : 0;
    const name = measure(node.name, isGroup(node)) + mark + 2 * PADDING;
    const figures = measure(figuresOf(node)) + mark + 2 * PADDING;
    const width = Math.min(MOST, Math.max(LEAST, name, figures));
    // Words are not broken: a line is not filled to its end.
    const lines = name <= MOST ? 1 : Math.ceil((1.25 * name) / (MOST - 2 * PADDING - mark));
    return { width, height: lines * LINE + FIGURES + PADDING };
}

function graphOf(nodes: MapNode[], arrows: MapArrow[], opened: string[]): ElkNode {
    const measure = measured();
    const leaf = (node: MapNode): ElkNode => ({ id: node.id, ...sizeOf(node, measure) });
    const edges = arrows
        .filter((arrow) => arrow.kind !== 'hands_on')
        .map((arrow, index): ElkExtendedEdge => ({
            id: String(index),
            sources: [arrow.from],
            targets: [arrow.to],
            ...(arrow.number > 0 ? { labels: [{ text: figuresOf(arrow), ...LABEL }] } : {}),
        }));
    const children = nodes.filter(isGroup).map((group): ElkNode => {
        const layoutOptions = { 'elk.partitioning.partition': LAYERS[group.kind] ?? '1' };
        const inside = opened.includes(group.id) ? nodes.filter((node) => node.within === group.id) : [];
        if (inside.length === 0) return { ...leaf(group), layoutOptions };
        const { width, height } = sizeOf(group, measure);
        return {
            id: group.id,
            children: inside.map(leaf),
            layoutOptions: {
                ...layoutOptions,
                'elk.padding': `[top=${height + 8},left=12,bottom=12,right=12]`,
                'elk.nodeSize.constraints': 'MINIMUM_SIZE',
                'elk.nodeSize.minimum': `(${width + 90},${height})`,
            },
        };
    });
    return { id: 'map', layoutOptions: FIXED, children, edges };
}

function boxesIn(node: ElkNode, boxes: Map<string, Box>): void {
    for (const child of node.children ?? []) {
        boxes.set(child.id, {
            x: child.x ?? 0,
            y: child.y ?? 0,
            width: child.width ?? 0,
            height: child.height ?? 0,
        });
        boxesIn(child, boxes);
    }
}

/** An arc at the right of two, from the one to the other. */
function arc(from: Box, to: Box): Point[] {
    const start = { x: from.x + from.width, y: from.y + from.height / 2 };
    const end = { x: to.x + to.width, y: to.y + to.height / 2 };
    return [start, { x: Math.max(start.x, end.x) + BULGE, y: (start.y + end.y) / 2 }, end];
}

/** Draws the map: each place with its box, each arrow with its points and the place of what is written on it. */
export async function draw(nodes: MapNode[], arrows: MapArrow[], opened: string[]): Promise<Drawn> {
    const { default: Elk } = await import('elkjs/lib/elk.bundled.js');
    const laid = await new Elk().layout(graphOf(nodes, arrows, opened));
    const boxes = new Map<string, Box>();
    boxesIn(laid, boxes);
    const straight = arrows.filter((arrow) => arrow.kind !== 'hands_on');
    const lines = (laid.edges ?? []).flatMap((edge): Drawn['lines'] => {
        const arrow = straight[Number(edge.id)];
        const section = edge.sections?.[0];
        if (arrow === undefined || section === undefined) return [];
        const label = edge.labels?.[0];
        const points = [section.startPoint, ...(section.bendPoints ?? []), section.endPoint];
        return [{ arrow, points, label: { x: label?.x ?? 0, y: label?.y ?? 0 } }];
    });
    for (const arrow of arrows) {
        const [from, to] = [boxes.get(arrow.from), boxes.get(arrow.to)];
        if (arrow.kind !== 'hands_on' || from === undefined || to === undefined) continue;
        const points = arc(from, to);
        lines.push({ arrow, points, label: { x: (points[1]?.x ?? 0) - BULGE / 2 + 4, y: (points[1]?.y ?? 0) - 7 } });
    }
    const arcs = lines.some((line) => line.arrow.kind === 'hands_on') ? BULGE : 0;
    return { width: (laid.width ?? 0) + arcs, height: laid.height ?? 0, boxes, lines };
}

export type Direction = 'ArrowLeft' | 'ArrowRight' | 'ArrowUp' | 'ArrowDown';

/** The place that is nearest in a direction, those straight ahead first; null: there is none. */
export function nearest(boxes: Map<string, Box>, from: string, direction: Direction): string | null {
    const here = boxes.get(from);
    if (here === undefined) return boxes.keys().next().value ?? null;
    const middle = (box: Box): Point => ({ x: box.x + box.width / 2, y: box.y + box.height / 2 });
    const start = middle(here);
    const across = direction === 'ArrowUp' || direction === 'ArrowDown';
    const sign = direction === 'ArrowLeft' || direction === 'ArrowUp' ? -1 : 1;
    let best: { id: string; distance: number } | null = null;
    for (const [id, box] of boxes) {
        const to = middle(box);
        const ahead = sign * (across ? to.y - start.y : to.x - start.x);
        const aside = Math.abs(across ? to.x - start.x : to.y - start.y);
        const distance = ahead + 3 * aside;
        if (id !== from && ahead > 1 && (best === null || distance < best.distance)) best = { id, distance };
    }
    return best?.id ?? null;
}
