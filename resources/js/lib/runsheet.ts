import type { SheetBlock, SheetDocument } from '@props/Runsheets/RunsheetEditorPage';
import { unnamedAfter } from './sheetKeys';

/** A line of the outline: a block, and where it stands. */
export type SheetRow = {
    block: SheetBlock;
    depth: number;
    /** key of what holds it; null: it holds all */
    parent: string | null;
    /** whether it stands beside others, rather than after them */
    isLane: boolean;
    place: number;
    /** how many stand in what holds it */
    of: number;
};

export const isHolder = (block: SheetBlock): boolean => within(block) !== null;

/** What a block holds; null: it is a step. */
export function within(block: SheetBlock): SheetBlock[] | null {
    return block.one_after_another ?? block.side_by_side ?? null;
}

export const isSideBySide = (block: SheetBlock): boolean => block.side_by_side !== undefined;

/** A block without what it holds. */
function plainly(block: SheetBlock): SheetBlock {
    const rest = { ...block };
    delete rest.one_after_another;
    delete rest.side_by_side;
    return rest;
}

function holding(block: SheetBlock, blocks: SheetBlock[], sideBySide = isSideBySide(block)): SheetBlock {
    const { first, ...rest } = plainly(block);
    if (!sideBySide) return { ...rest, one_after_another: blocks };
    const enough = first === undefined ? undefined : Math.min(first, blocks.length);
    return { ...rest, ...(enough === undefined ? {} : { first: enough }), side_by_side: blocks };
}

/** The lines of the outline, from above to below. */
export function rowsOf(root: SheetBlock): SheetRow[] {
    const rows: SheetRow[] = [];
    const add = (block: SheetBlock, depth: number, parent: SheetBlock | null, place: number, of: number): void => {
        rows.push({
            block,
            depth,
            parent: parent?.key ?? null,
            isLane: parent !== null && isSideBySide(parent),
            place,
            of,
        });
        const blocks = within(block) ?? [];
        blocks.forEach((one, at) => add(one, depth + 1, block, at, blocks.length));
    };
    add(root, 0, null, 0, 1);
    return rows;
}

/** Every holder with what becomes of what it holds; a holder that is left empty is gone, but the outermost. */
function edited(block: SheetBlock, edit: (blocks: SheetBlock[], of: SheetBlock) => SheetBlock[]): SheetBlock {
    const blocks = within(block);
    if (blocks === null) return block;
    const next = edit(blocks, block)
        .map((one) => edited(one, edit))
        .filter((one) => within(one)?.length !== 0);
    return next.length === blocks.length && next.every((one, at) => one === blocks[at]) ? block : holding(block, next);
}

/** What holds a single block and says nothing of it stands for that block. */
function plain(block: SheetBlock, isRoot = true): SheetBlock {
    const blocks = within(block);
    if (blocks === null) return block;
    const next = blocks.map((one) => plain(one, false));
    const [only] = next;
    if (!isRoot && next.length === 1 && block.if === undefined && only !== undefined) return only;
    return next.every((one, at) => one === blocks[at]) ? block : holding(block, next);
}

export function find(root: SheetBlock, key: string): SheetBlock | undefined {
    return rowsOf(root).find((row) => row.block.key === key)?.block;
}

/** A block with something else of it; undefined leaves it out. */
export function withBlock(
    root: SheetBlock,
    key: string,
    more: { [Name in keyof SheetBlock]?: SheetBlock[Name] | undefined },
): SheetBlock {
    const put = (block: SheetBlock): SheetBlock => {
        if (block.key === key) {
            const all = Object.entries({ ...block, ...more }).filter(([, value]) => value !== undefined);
            return Object.fromEntries(all) as SheetBlock;
        }
        const blocks = within(block);
        return blocks === null ? block : holding(block, blocks.map(put));
    };
    return put(root);
}

/** Side by side or one after another, the same blocks. */
export function turned(root: SheetBlock, key: string, sideBySide: boolean): SheetBlock {
    const put = (block: SheetBlock): SheetBlock => {
        const blocks = within(block)?.map(put);
        if (blocks === undefined) return block;
        return holding(block, blocks, block.key === key ? sideBySide : isSideBySide(block));
    };
    return put(root);
}

/** Blocks after another, which holds them where it is a holder; null: at the end. */
export function withAfter(root: SheetBlock, key: string | null, blocks: SheetBlock[]): SheetBlock {
    const target = key === null ? root : find(root, key);
    if (target === undefined || target.key === root.key) return holding(root, [...(within(root) ?? []), ...blocks]);
    if (isHolder(target)) return edited(root, (all, of) => (of.key === target.key ? [...blocks, ...all] : all));
    return edited(root, (all) => all.flatMap((one) => (one.key === target.key ? [one, ...blocks] : [one])));
}

export function without(root: SheetBlock, key: string): SheetBlock {
    return plain(edited(root, (blocks) => blocks.filter((one) => one.key !== key)));
}

/** One place up or down; from the edge of what holds it, out of that. */
export function moved(root: SheetBlock, key: string, by: -1 | 1): SheetBlock {
    const row = rowsOf(root).find((one) => one.block.key === key);
    if (row === undefined || row.parent === null) return root;
    const to = row.place + by;
    if (to >= 0 && to < row.of)
        return edited(root, (blocks, of) => {
            if (of.key !== row.parent) return blocks;
            const next = blocks.filter((one) => one.key !== key);
            next.splice(to, 0, row.block);
            return next;
        });
    return outOf(root, row, by);
}

function outOf(root: SheetBlock, { block, parent }: SheetRow, by: -1 | 1): SheetBlock {
    if (parent === root.key) return root;
    const taken = edited(root, (blocks) =>
        blocks.flatMap((one) => {
            if (one.key !== parent) return [one];
            const rest = holding(
                one,
                (within(one) ?? []).filter((held) => held.key !== block.key),
            );
            return by < 0 ? [block, rest] : [rest, block];
        }),
    );
    return plain(taken);
}

/** Out of what holds it, after that. */
export function outdented(root: SheetBlock, key: string): SheetBlock {
    const row = rowsOf(root).find((one) => one.block.key === key);
    return row === undefined || row.parent === null ? root : outOf(root, row, 1);
}

/**
 * Together with the block before it: side by side where the two stand one after the other, one after the other where
 * they stand side by side.
 */
export function indented(root: SheetBlock, key: string): SheetBlock {
    const row = rowsOf(root).find((one) => one.block.key === key);
    if (row === undefined || row.place === 0) return root;
    const fresh = unnamedAfter(root);
    return edited(root, (blocks, of) => {
        const before = blocks[row.place - 1];
        if (of.key !== row.parent || before === undefined) return blocks;
        const joins = isHolder(before) && isSideBySide(before) !== row.isLane && before.if === undefined;
        const together = joins
            ? holding(before, [...(within(before) ?? []), row.block])
            : holding({ key: fresh() }, [before, row.block], !row.isLane);
        return [...blocks.slice(0, row.place - 1), together, ...blocks.slice(row.place + 1)];
    });
}

/** A block put where another stands: before it where it came from below, else after it. */
export function dropped(root: SheetBlock, key: string, over: string): SheetBlock {
    const rows = rowsOf(root);
    const block = find(root, key);
    const target = find(root, over);
    if (block === undefined || target === undefined || key === over || over === root.key) return root;
    if (find(block, over) !== undefined) return root;
    const at = (one: string): number => rows.findIndex((row) => row.block.key === one);
    const isFromAbove = at(key) < at(over);
    const taken = edited(root, (blocks) => blocks.filter((one) => one.key !== key));
    return plain(
        edited(taken, (blocks) =>
            blocks.flatMap((one) => (one.key !== over ? [one] : isFromAbove ? [one, block] : [block, one])),
        ),
    );
}

/** The block at a pointer into the document, such as /does/one_after_another/0/does/title. */
export function keyAt(sheet: SheetDocument, pointer: string): string | null {
    const [, top, ...path] = pointer.split('/');
    if (top !== 'does') return null;
    let block = sheet.does;
    for (let at = 0; at + 1 < path.length; at += 2) {
        const next = within(block)?.[Number(path[at + 1])];
        if (next === undefined || !['one_after_another', 'side_by_side'].includes(path[at] ?? '')) break;
        block = next;
    }
    return block.key;
}
