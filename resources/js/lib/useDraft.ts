import type { Fault, KnownRule, Rule, RulebookPageProps, SavedDraft } from '@props/Rules/RulebookPage';
import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { ask, Problem } from './ask';
import { besideTheirs, KnownRules, Stub, stubs, toSave, type Entry } from './rules';
import { remembered, step, type Steps } from './steps';
import { together } from './together';
import { useWarning } from './useWarning';
import { say } from './words';

const PAUSE = 600;

export type Saving =
    | { state: 'nothing to save' | 'waiting' | 'saving' | 'saved' }
    | {
          state: 'failed';
          reason: string;
          /** somebody else saved first */ final: boolean;
          /** the same may go through a moment later */ again: boolean;
      };

export type Draft = {
    rules: Entry[];
    /** null: its text is not here yet */
    find: (entry: Entry) => Rule | null;
    /** These are in view: what is not here of them is fetched. */
    want: (entries: Stub[]) => void;
    /** what stands against publishing; null where there is no draft, or none that was saved yet */
    faults: Fault[] | null;
    isDraft: boolean;
    /** Something that stands on the page has not reached the server. */
    unsaved: boolean;
    /** The revision that is worked on; what is asked of the server is asked of it. */
    revision: number;
    saving: Saving;
    change: (edit: (rules: Entry[]) => Entry[]) => void;
    undo: (() => void) | null;
    redo: (() => void) | null;
    /** Where somebody else saved first: puts their rules in the place of ours, which an undo brings back. */
    theirs: (() => void) | null;
};

type Page = Pick<RulebookPageProps, 'rules' | 'firstRules' | 'draft' | 'draftRevision'>;
/** What is worked on; saved: as the server has it; source: the revision at which it was last taken over from there. */
type Kept = { rules: Entry[]; saved: Entry[]; faults: Fault[] | null; revision: number; source: number };

function fromServer(page: Page): Kept {
    const rules = stubs(page.rules);
    return {
        rules,
        saved: rules,
        faults: page.draft?.faults ?? null,
        revision: page.draftRevision,
        source: page.draftRevision,
    };
}

/** The texts that the page has of rules. */
function useKnownRules(page: Page): KnownRules {
    const [known] = useState(() => {
        const first = new KnownRules(
            async (ids) =>
                (
                    await ask<{ rules: KnownRule[] }>(
                        'GET',
                        `/rulebook/rules?${new URLSearchParams(ids.map((id) => ['ids[]', id])).toString()}`,
                    )
                ).rules,
        );
        first.add(page.firstRules);
        return first;
    });
    useEffect(() => known.add(page.firstRules), [known, page.firstRules]);
    useSyncExternalStore(known.subscribe, known.version);
    return known;
}

type Autosaved = {
    kept: Kept;
    saving: Saving;
    unsaved: boolean;
    /** Puts other rules, or all of what the server has, in the place of what is kept. */
    put: (next: Entry[] | Kept, state: Saving['state'] & ('waiting' | 'nothing to save')) => void;
    /** By what the server knows a rule as it was saved last; null: it was not. */
    hashOf: (entry: Entry) => string | null;
};

/** Keeps the rules and saves them a moment after they have changed, and again where the server could not be reached. */
function useAutosaved(page: Page, known: KnownRules): Autosaved {
    const [kept, setKept] = useState(() => fromServer(page));
    const [saving, setSaving] = useState<Saving>({ state: 'nothing to save' });
    const latest = useRef(kept);
    const busy = useRef(false);
    const hashes = useRef(new WeakMap<Rule, string>());
    const unsaved = saving.state === 'waiting' || saving.state === 'saving' || saving.state === 'failed';

    const put = useCallback<Autosaved['put']>((next, state) => {
        latest.current = Array.isArray(next) ? { ...latest.current, rules: next } : next;
        setKept(latest.current);
        setSaving({ state });
    }, []);

    const save = useCallback(async (): Promise<void> => {
        if (busy.current) return;
        busy.current = true;
        const sent = latest.current;
        setSaving({ state: 'saving' });
        try {
            const { hashes: given, ...saved } = await ask<SavedDraft>(
                'PUT',
                '/rulebook/draft',
                JSON.stringify({ rules: toSave(sent.rules, sent.saved, known.find), revision: sent.revision }),
            );
            for (const one of sent.rules) {
                const hash = given[one.id];
                if (!(one instanceof Stub) && hash !== undefined) hashes.current.set(one, hash);
            }
            const more = latest.current.rules !== sent.rules;
            latest.current = { ...latest.current, ...saved, saved: sent.rules };
            setKept(latest.current);
            setSaving({ state: more ? 'waiting' : 'saved' });
        } catch (error) {
            const final = error instanceof Problem && error.status === 409;
            const again = !(error instanceof Problem) || error.status >= 500 || error.status === 429;
            setSaving({
                state: 'failed',
                final,
                again,
                reason: error instanceof Problem ? error.message : say('screen.rulebook.unreachable'),
            });
        } finally {
            busy.current = false;
        }
    }, [known]);

    useEffect(() => {
        const again = saving.state === 'failed' && saving.again;
        if (saving.state !== 'waiting' && !again) return;
        const timer = setTimeout(() => void save(), again ? 4000 : PAUSE);
        return () => clearTimeout(timer);
    }, [saving, save, kept.rules]);
    useWarning(unsaved);

    const hashOf = useCallback(
        (entry: Entry): string | null => (entry instanceof Stub ? entry.hash : (hashes.current.get(entry) ?? null)),
        [],
    );

    return { kept, saving, unsaved, put, hashOf };
}

const NO_STEPS: Steps<Entry[]> = { past: [], future: [] };

/**
 * The rules being worked on. Every change is saved as the draft by itself a
 * moment later; what is unsaved is never thrown away by news from the server.
 */
export function useDraft(page: Page): Draft {
    const known = useKnownRules(page);
    const { kept, saving, unsaved, put, hashOf } = useAutosaved(page, known);
    // The steps there were belong to what was taken over from the server before them.
    const [steps, setSteps] = useState({ history: NO_STEPS, source: kept.source });
    const history = steps.source === kept.source ? steps.history : NO_STEPS;

    // News counts where nothing of ours is under way and it is newer: a page that was asked
    // for before our last save may come in after it.
    const newer = page.draftRevision > kept.revision;
    useEffect(() => {
        if (newer && !unsaved) put(fromServer(page), 'nothing to save');
    }, [newer, unsaved, page, put]);

    // Where somebody else saved first, and other rules than ours: both are kept, and saved once more.
    const isBehind = newer && saving.state === 'failed' && saving.final;
    useEffect(() => {
        if (!isBehind) return;
        const server = fromServer(page);
        const both = together({ base: kept.saved, ours: kept.rules, theirs: stubs(page.rules), hashOf });
        if (both !== null) put({ ...server, rules: both }, 'waiting');
    }, [isBehind, page, kept, put, hashOf]);

    const change = (rules: Entry[] | Kept, after: Steps<Entry[]>, state: 'waiting' | 'nothing to save'): void => {
        put(rules, state);
        setSteps({ history: after, source: Array.isArray(rules) ? kept.source : rules.source });
    };
    const go = (back: boolean): (() => void) | null => {
        const to = step(history, kept.rules, back);
        return to === null ? null : () => change(to.now, to.steps, 'waiting');
    };

    return {
        rules: kept.rules,
        find: known.find,
        want: (entries) => known.want(entries),
        faults: kept.faults,
        isDraft: kept.faults !== null || unsaved,
        unsaved,
        revision: kept.revision,
        saving,
        change: (edit) => change(edit(kept.rules), remembered(history, kept.rules), 'waiting'),
        undo: go(true),
        redo: go(false),
        theirs:
            saving.state !== 'failed' || !saving.final || !newer
                ? null
                : () =>
                      change(
                          fromServer(page),
                          remembered(history, besideTheirs(kept.rules, stubs(page.rules), known.find)),
                          'nothing to save',
                      ),
    };
}
