import type { RiverPageProps, StageFlow } from '@props/Cases/RiverPage';

/** Of the drawing, in its own units. */
export const COLUMN = 150;
export const HEIGHT = 190;
const MIDDLE = 95;
const POOL = 66;
const DEEPEST = 110;
const WIDEST = 34;

export type Pool = { key: string; x: number; y: number; width: number; height: number; late: number };

/** A stream from stage to stage; one that goes back is drawn below. */
export type Stream = { key: string; path: string; width: number; back: boolean };

/** How deep each stage stands, the fullest the deepest, with the part of it that stands too long. */
export function poolsOf(stages: StageFlow[]): Pool[] {
    const most = Math.max(1, ...stages.map((one) => one.open));
    return stages.map((one, place) => {
        const height = one.open === 0 ? 2 : Math.max(8, (DEEPEST * one.open) / most);
        return {
            key: one.key,
            x: place * COLUMN + (COLUMN - POOL) / 2,
            y: MIDDLE - height / 2,
            width: POOL,
            height,
            late: one.open === 0 ? 0 : (height * one.late) / one.open,
        };
    });
}

/** What moved in the last weeks: the more, the wider; past stages above, back below. */
export function streamsOf(stages: StageFlow[], moves: RiverPageProps['moves']): Stream[] {
    const places = new Map(stages.map((one, place) => [one.key, place]));
    const most = Math.max(1, ...moves.map((one) => one.times));
    return moves.flatMap(({ from, to, times }) => {
        const [first, last] = [places.get(from), places.get(to)];
        if (first === undefined || last === undefined || first === last) return [];
        const back = last < first;
        const side = (POOL / 2) * (back ? -1 : 1);
        const [x1, x2] = [(first + 0.5) * COLUMN + side, (last + 0.5) * COLUMN - side];
        const far = Math.abs(last - first);
        const bend = back ? 40 + 18 * far : far === 1 ? 0 : -(30 + 14 * far);
        const third = (x2 - x1) / 3;
        return [
            {
                key: `${from} ${to}`,
                path:
                    `M ${x1} ${MIDDLE} C ${x1 + third} ${MIDDLE + bend}, ` +
                    `${x2 - third} ${MIDDLE + bend}, ${x2} ${MIDDLE}`,
                width: Math.max(1.5, (WIDEST * times) / most),
                back,
            },
        ];
    });
}
