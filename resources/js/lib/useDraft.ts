import type { Fault, Rule, RulebookPageProps, SavedDraft } from '@props/RulebookPage';
import { useCallback, useEffect, useRef, useState } from 'react';
import { ask, Problem } from './ask';

const PAUSE = 600;

export type Saving = { state: 'nothing to save' | 'waiting' | 'saving' | 'saved' } | { state: 'failed'; reason: string; final: boolean };

export type Draft = {
    rules: Rule[];
    /** what stands against publishing; null where there is no draft, or none that was saved yet */
    faults: Fault[] | null;
    isDraft: boolean;
    /** Something that stands on the page has not reached the server. */
    unsaved: boolean;
    /** The revision that is worked on; what is asked of the server is asked of it. */
    revision: number;
    saving: Saving;
    change: (edit: (rules: Rule[]) => Rule[]) => void;
    undo: (() => void) | null;
    redo: (() => void) | null;
    /** Where somebody else saved first: puts their rules in the place of ours, which an undo brings back. */
    theirs: (() => void) | null;
};

type Page = Pick<RulebookPageProps, 'published' | 'draft' | 'draftRevision'>;
type Kept = { rules: Rule[]; faults: Fault[] | null; revision: number };

function fromServer(page: Page): Kept {
    return { rules: page.draft?.rules ?? page.published?.rules ?? [], faults: page.draft?.faults ?? null, revision: page.draftRevision };
}

/**
 * The rules being worked on. Every change is saved as the draft by itself a
 * moment later; what is unsaved is never thrown away by news from the server.
 */
export function useDraft(page: Page): Draft {
    const [kept, setKept] = useState(() => fromServer(page));
    const [saving, setSaving] = useState<Saving>({ state: 'nothing to save' });
    const [past, setPast] = useState<Rule[][]>([]);
    const [future, setFuture] = useState<Rule[][]>([]);
    const unsaved = saving.state === 'waiting' || saving.state === 'saving' || saving.state === 'failed';
    const busy = useRef(false);
    const latest = useRef(kept);
    useEffect(() => {
        latest.current = kept;
    }, [kept]);

    // News counts where nothing of ours is under way and it is newer: a page that was asked
    // for before our last save may come in after it.
    const newer = page.draftRevision > kept.revision;
    if (newer && !unsaved) {
        setKept(fromServer(page));
        setSaving({ state: 'nothing to save' });
        setPast([]);
        setFuture([]);
    }

    const save = useCallback(async (): Promise<void> => {
        if (busy.current) return;
        busy.current = true;
        const sent = latest.current;
        setSaving({ state: 'saving' });
        try {
            const saved = await ask<SavedDraft>('PUT', '/rulebook/draft', JSON.stringify({ rules: sent.rules, revision: sent.revision }));
            const more = latest.current.rules !== sent.rules;
            latest.current = { ...latest.current, ...saved };
            setKept(latest.current);
            setSaving({ state: more ? 'waiting' : 'saved' });
        } catch (error) {
            const final = error instanceof Problem && error.status === 409;
            setSaving({ state: 'failed', final, reason: error instanceof Problem ? error.message : 'The server cannot be reached; it is tried again.' });
        } finally {
            busy.current = false;
        }
    }, []);

    useEffect(() => {
        const again = saving.state === 'failed' && !saving.final;
        if (saving.state !== 'waiting' && !again) return;
        const timer = setTimeout(() => void save(), again ? 4000 : PAUSE);
        return () => clearTimeout(timer);
    }, [saving, save, kept.rules]);

    useEffect(() => {
        const warn = (event: BeforeUnloadEvent): void => {
            if (unsaved) event.preventDefault();
        };
        window.addEventListener('beforeunload', warn);
        return () => window.removeEventListener('beforeunload', warn);
    }, [unsaved]);

    const put = (rules: Rule[]): void => {
        latest.current = { ...latest.current, rules };
        setKept(latest.current);
        setSaving({ state: 'waiting' });
    };

    const remember = (): void => {
        setPast([...past.slice(-49), kept.rules]);
        setFuture([]);
    };

    return {
        rules: kept.rules,
        faults: kept.faults,
        isDraft: kept.faults !== null || unsaved,
        unsaved,
        revision: kept.revision,
        saving,
        change: (edit) => {
            remember();
            put(edit(kept.rules));
        },
        undo: past.length === 0 ? null : () => {
            setPast(past.slice(0, -1));
            setFuture([kept.rules, ...future]);
            put(past[past.length - 1] ?? kept.rules);
        },
        redo: future.length === 0 ? null : () => {
            setFuture(future.slice(1));
            setPast([...past, kept.rules]);
            put(future[0] ?? kept.rules);
        },
        theirs: saving.state !== 'failed' || !saving.final || !newer ? null : () => {
            remember();
            latest.current = fromServer(page);
            setKept(latest.current);
            setSaving({ state: 'nothing to save' });
        },
    };
}
