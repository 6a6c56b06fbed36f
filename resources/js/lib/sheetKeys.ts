import type { SheetBlock } from '@props/Runsheets/RunsheetEditorPage';
import { ANSWER } from './about';
import { rowsOf } from './runsheet';

/** Keys that were given here begin so until the runsheet is sent. */
const UNNAMED = 'new ';
export const isUnnamed = (key: string): boolean => key.startsWith(UNNAMED);

/** Keys that no block of a runsheet has, one after the other. */
export function unnamedAfter(root: SheetBlock): () => string {
    const taken = rowsOf(root).map((row) => row.block.key);
    let number = 0;
    return () => {
        do ++number;
        while (taken.includes(UNNAMED + String(number)));
        return UNNAMED + String(number);
    };
}

/** Steps of names, each a task, of the kind that a step before them makes. */
export function stepsNamed(root: SheetBlock, names: string[], after: string | null = null): SheetBlock[] {
    const fresh = unnamedAfter(root);
    const steps = rowsOf(root).map((row) => row.block);
    const before = after === null ? steps : steps.slice(0, 1 + steps.findIndex((one) => one.key === after));
    const kind = before.findLast((one) => one.does?.kind === 'task')?.does?.task_kind;
    return names.map((name) => ({
        key: fresh(),
        name,
        does: {
            kind: 'task',
            ...(kind === undefined ? {} : { task_kind: kind }),
            ...(name === '' ? {} : { title: name }),
        },
    }));
}

/** Blocks from elsewhere with keys of their own here, by which they name each other as before. */
export function rekeyed(root: SheetBlock, blocks: SheetBlock[]): SheetBlock[] {
    const fresh = unnamedAfter(root);
    const keys: Record<string, string> = {};
    for (const block of blocks) for (const { block: one } of rowsOf(block)) keys[one.key] = fresh();
    return blocks.map((block) => renamed(block, keys));
}

/** Texts that are the house's own, in which nothing is a key. */
const TEXTS = ['name', 'title', 'details', 'text'];

/** The same with other keys, wherever they are named: of a block, in a date, in a condition about an answer. */
export function renamed<T>(value: T, keys: Record<string, string>): T {
    const rename = (one: unknown): unknown => {
        if (typeof one === 'string') return keys[one] ?? answerOf(one, keys);
        if (Array.isArray(one)) return one.map(rename);
        if (typeof one !== 'object' || one === null) return one;
        return Object.fromEntries(
            Object.entries(one).map(([name, held]) => [name, TEXTS.includes(name) ? held : rename(held)]),
        );
    };
    return rename(value) as T;
}

function answerOf(path: string, keys: Record<string, string>): string {
    const key = path.startsWith(ANSWER) ? keys[path.slice(ANSWER.length)] : undefined;
    return key === undefined ? path : ANSWER + key;
}
