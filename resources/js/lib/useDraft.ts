import type { DraftCheck, Rule, RulebookPageProps } from '@props/RulebookPage';
import { useCallback, useEffect, useRef, useState } from 'react';
import { ask, Problem } from './ask';

const PAUSE = 600;

export type Saving = { state: 'nothing to save' | 'waiting' | 'saving' | 'saved' } | { state: 'failed'; reason: string; final: boolean };

export type Draft = {
    rules: Rule[];
    check: DraftCheck | null;
    isDraft: boolean;
    saving: Saving;
    change: (edit: (rules: Rule[]) => Rule[]) => void;
    undo: (() => void) | null;
    redo: (() => void) | null;
};

type Kept = { rules: Rule[]; check: DraftCheck | null; revision: number | null };

function fromServer(page: Pick<RulebookPageProps, 'published' | 'draft'>): Kept {
    if (page.draft !== null) return { rules: page.draft.rules, check: page.draft.check, revision: page.draft.check.revision };
    return { rules: page.published?.rules ?? [], check: null, revision: null };
}

/**
 * The rules being worked on. Every change is saved as the draft by itself a
 * moment later; what is unsaved is never thrown away by news from the server.
 */
export function useDraft(page: Pick<RulebookPageProps, 'published' | 'draft'>): Draft {
    const [kept, setKept] = useState(() => fromServer(page));
    const [saving, setSaving] = useState<Saving>({ state: 'nothing to save' });
    const [past, setPast] = useState<Rule[][]>([]);
    const [future, setFuture] = useState<Rule[][]>([]);
    const [known, setKnown] = useState(page);
    const unsaved = saving.state === 'waiting' || saving.state === 'saving' || saving.state === 'failed';
    const busy = useRef(false);
    const latest = useRef(kept);
    useEffect(() => {
        latest.current = kept;
    }, [kept]);

    // News from the server counts where nothing of ours is under way and it is newer.
    if (known !== page && (known.draft?.check.revision !== page.draft?.check.revision || known.published?.id !== page.published?.id)) {
        setKnown(page);
        const told = fromServer(page);
        if (!unsaved && told.revision !== kept.revision) {
            setKept(told);
            setPast([]);
            setFuture([]);
        }
    }

    const save = useCallback(async (): Promise<void> => {
        if (busy.current) return;
        busy.current = true;
        const sent = latest.current;
        setSaving({ state: 'saving' });
        try {
            const check = await ask<DraftCheck>('PUT', '/rulebook/draft', JSON.stringify({ rules: sent.rules, revision: sent.revision }));
            const more = latest.current.rules !== sent.rules;
            latest.current = { ...latest.current, check, revision: check.revision };
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

    return {
        rules: kept.rules,
        check: kept.check,
        isDraft: kept.revision !== null || unsaved,
        saving,
        change: (edit) => {
            setPast([...past.slice(-49), kept.rules]);
            setFuture([]);
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
    };
}
