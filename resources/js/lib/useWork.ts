import { useEffect, useState } from 'react';
import { keep, keptText, useKeptKey } from './kept';
import { remembered, step, type Steps } from './steps';
import { useWarning } from './useWarning';

/** What the server has, and at which revision. */
type Server<T> = { document: T; revision: number };

/** What is kept on this machine, and from which revision it was written. */
type Typed<T> = { of: number; document: T };

/** A document that was kept here and not sent; null: there is none of this revision that could be read. */
function keptDocument<T>(key: string, revision: number, reads: (kept: Partial<T>) => boolean): T | null {
    try {
        const kept = JSON.parse(keptText(key)) as Partial<Typed<T>> | null;
        const document: Partial<T> | undefined = kept?.of === revision ? kept.document : undefined;
        return document !== undefined && reads(document) ? (document as T) : null;
    } catch {
        return null;
    }
}

/** saved: as the server has it; revision: the one at which it was taken over from there */
type State<T> = { now: T; saved: T; revision: number; steps: Steps<T>; last: string | null };

export type Work<T> = {
    now: T;
    revision: number;
    unsaved: boolean;
    /** what was typed here before, and not saved, is on the page again */
    taken: boolean;
    /** What is done with the same name one after the other is one step back. */
    change: (edit: (document: T) => T, what?: string) => void;
    undo: (() => void) | null;
    redo: (() => void) | null;
    /** Puts what the server has in the place of ours, which an undo brings back. */
    takeOver: (server: Server<T>) => void;
    /** That what was on the page has been saved as such. */
    sent: (was: T, as: T, revision: number) => void;
    /** Nothing of it is kept on this machine any more. */
    forget: () => void;
};

/**
 * A document that is worked on: kept on this machine with every change, with steps back and forth.
 *
 * @param what  names it among what is kept on this machine
 * @param reads whether what was kept is still of a form that the page knows
 */
export function useWork<T>(what: string, server: Server<T>, reads: (kept: Partial<T>) => boolean): Work<T> {
    const key = useKeptKey(what);
    const [state, setState] = useState<State<T>>(() => {
        const kept = keptDocument<T>(key, server.revision, reads);
        return {
            saved: server.document,
            revision: server.revision,
            now: kept ?? server.document,
            steps: { past: kept === null ? [] : [server.document], future: [] },
            last: null,
        };
    });
    const [taken] = useState(state.now !== state.saved);
    const unsaved = state.now !== state.saved;
    useEffect(
        () => keep(key, unsaved ? JSON.stringify({ of: state.revision, document: state.now } satisfies Typed<T>) : ''),
        [key, unsaved, state.now, state.revision],
    );
    useWarning(unsaved);
    const go = (back: boolean): (() => void) | null => {
        const to = step(state.steps, state.now, back);
        return to === null ? null : () => setState({ ...state, now: to.now, steps: to.steps, last: null });
    };
    return {
        now: state.now,
        revision: state.revision,
        unsaved,
        taken,
        change: (edit, named) =>
            setState((before) => ({
                ...before,
                now: edit(before.now),
                last: named ?? null,
                steps:
                    named !== undefined && named === before.last ? before.steps : remembered(before.steps, before.now),
            })),
        undo: go(true),
        redo: go(false),
        takeOver: ({ document, revision }) =>
            setState((before) => ({
                now: document,
                saved: document,
                revision,
                steps: remembered(before.steps, before.now),
                last: null,
            })),
        sent: (was, as, revision) => {
            keep(key, '');
            setState((before) => ({ ...before, now: before.now === was ? as : before.now, saved: as, revision }));
        },
        forget: () => keep(key, ''),
    };
}
