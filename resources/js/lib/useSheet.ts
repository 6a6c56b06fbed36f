import type { Criteria } from '@props/Rules/RulebookPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import type { SheetBlock, SheetDocument } from '@props/Runsheets/RunsheetEditorPage';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { describeCriteria } from './describe';
import * as tree from './runsheet';
import { blocksIn } from './sheetDocument';
import { stepsNamed } from './sheetKeys';
import { say } from './words';

type More = { [Name in keyof SheetBlock]?: SheetBlock[Name] | undefined };

/** What is done with the blocks of a runsheet. */
export type SheetDeeds = {
    add: (after: string | null) => void;
    name: (block: SheetBlock, name: string) => void;
    put: (key: string, more: More, what?: string) => void;
    turn: (key: string, sideBySide: boolean) => void;
    indent: (key: string) => void;
    outdent: (key: string) => void;
    move: (key: string, by: -1 | 1) => void;
    drop: (key: string, over: string) => void;
    takeOut: (key: string) => void;
    copy: (block: SheetBlock) => void;
    paste: (after: string | null, text: string) => void;
};

export type SheetWork = {
    rows: tree.SheetRow[];
    deeds: SheetDeeds;
    open: string | null;
    onOpen: (key: string | null) => void;
    /** Goes to a block, whose first entry has the focus then. */
    go: (key: string) => void;
    /** What a key does in the name of a step; null: nothing of its own. */
    keys: (event: KeyboardEvent<HTMLInputElement>, row: tree.SheetRow) => (() => void) | null;
    /** Of each level in which a row stands, whether what is on it stands side by side. */
    lanesOf: (row: tree.SheetRow) => boolean[];
    /** Which step it is, from 1. */
    placeOf: (key: string) => number;
    saysIf: (criteria: Criteria) => string;
};

/** The step before or after another in the outline. */
function besides(rows: tree.SheetRow[], key: string, by: -1 | 1): string | null {
    const steps = rows.filter((row) => !tree.isHolder(row.block)).map((row) => row.block.key);
    return steps[steps.indexOf(key) + by] ?? null;
}

/** The first entry of a block has the focus. */
function focusOn(key: string): void {
    const row = document.querySelector<HTMLElement>(`[data-step="${CSS.escape(key)}"]`);
    (row?.querySelector<HTMLElement>('.entry') ?? row?.querySelector<HTMLElement>('.word'))?.focus();
}

/** A name that the task has, too, until it is said otherwise. */
function named(block: SheetBlock, name: string): More {
    const title = block.does?.title;
    const follows = block.does?.kind === 'task' && (title === undefined || title === '' || title === block.name);
    return { name, ...(follows && block.does !== undefined ? { does: { ...block.does, title: name } } : {}) };
}

/** The outline of a runsheet: what is done with it, which block is open, where the focus goes. */
export function useSheet(
    sheet: SheetDocument,
    vocabulary: Vocabulary,
    change: (edit: (sheet: SheetDocument) => SheetDocument, what?: string) => void,
): SheetWork {
    const [open, setOpen] = useState<string | null>(null);
    const wanted = useRef<string | null>(null);
    const setWanted = (key: string | null): void => {
        wanted.current = key;
    };
    const rows = tree.rowsOf(sheet.does);
    useEffect(() => {
        if (wanted.current === null) return;
        focusOn(wanted.current);
        wanted.current = null;
    });
    const edit = (deed: (root: SheetBlock) => SheetBlock, what?: string): void =>
        change((before) => ({ ...before, does: deed(before.does) }), what);
    const put = (after: string | null, blocks: SheetBlock[]): void => {
        const first = blocks[0];
        if (first === undefined) return;
        edit((root) => tree.withAfter(root, after, blocks));
        setWanted(first.key);
    };
    const keeping = (deed: (root: SheetBlock) => SheetBlock, key: string): void => {
        edit(deed);
        setWanted(key);
    };
    const deeds: SheetDeeds = {
        add: (after) => put(after, stepsNamed(sheet.does, [''], after)),
        name: (block, name) => edit((root) => tree.withBlock(root, block.key, named(block, name)), `name ${block.key}`),
        put: (key, more, what) => edit((root) => tree.withBlock(root, key, more), what),
        turn: (key, sideBySide) => edit((root) => tree.turned(root, key, sideBySide)),
        indent: (key) => keeping((root) => tree.indented(root, key), key),
        outdent: (key) => keeping((root) => tree.outdented(root, key), key),
        move: (key, by) => keeping((root) => tree.moved(root, key, by), key),
        drop: (key, over) => edit((root) => tree.dropped(root, key, over)),
        takeOut: (key) => {
            const next = besides(rows, key, -1) ?? besides(rows, key, 1);
            edit((root) => tree.without(root, key));
            setWanted(next);
        },
        copy: (block) => void navigator.clipboard.writeText(JSON.stringify(block)).catch(() => undefined),
        paste: (after, text) => put(after, blocksIn(sheet.does, text, after)),
    };
    const step = (by: -1 | 1, key: string) => () => {
        const next = besides(rows, key, by);
        if (next !== null) focusOn(next);
    };
    return {
        rows,
        deeds,
        open,
        onOpen: setOpen,
        go: (key) => {
            setOpen(key);
            setWanted(key);
        },
        keys: (event, { block }) => {
            const { key } = block;
            if (event.nativeEvent.isComposing || event.metaKey) return null;
            if (event.altKey)
                return (
                    {
                        ArrowUp: () => deeds.move(key, -1),
                        ArrowDown: () => deeds.move(key, 1),
                        ArrowRight: () => deeds.indent(key),
                        ArrowLeft: () => deeds.outdent(key),
                    }[event.key] ?? null
                );
            if (event.key === 'Enter')
                return event.ctrlKey ? () => setOpen(open === key ? null : key) : () => deeds.add(key);
            if (event.key === 'ArrowUp') return step(-1, key);
            if (event.key === 'ArrowDown') return step(1, key);
            return event.key === 'Backspace' && (block.name ?? '') === '' && rows.length > 2
                ? () => deeds.takeOut(key)
                : null;
        },
        lanesOf: (row) => {
            const lanes: boolean[] = [];
            for (
                let at: tree.SheetRow | undefined = row;
                at !== undefined && at.parent !== null;
                at = rows.find((one) => one.block.key === at?.parent)
            )
                lanes.unshift(at.isLane);
            return lanes;
        },
        placeOf: (key) => 1 + rows.filter((row) => !tree.isHolder(row.block)).findIndex((row) => row.block.key === key),
        saysIf: (criteria) => say('runsheet.only_if', { criteria: describeCriteria(criteria, vocabulary) }),
    };
}
