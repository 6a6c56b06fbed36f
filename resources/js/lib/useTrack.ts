import type { TrackDifferenceLine, TrackDocument, TrackEditorPageProps } from '@props/Cases/TrackEditorPage';
import type { Fault } from '@props/Rules/RulebookPage';
import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { ask } from './ask';
import { keep, keptText, useKeptKey } from './kept';
import { remembered, step, type Steps } from './steps';
import { blankTrack, toSend } from './track';
import { useSending } from './useSending';
import { useWarning } from './useWarning';

const PAUSE = 300;

type Preview = { faults: Fault[]; differences: TrackDifferenceLine[] | null };

/** What the track that is written would change, asked a moment after it has stopped changing; null: not known yet. */
function usePreview(text: string): Preview | null {
    const [preview, setPreview] = useState<Preview | null>(null);
    useEffect(() => {
        let gone = false;
        const timer = setTimeout(() => {
            // Where it can't be asked, what was known last stays; saving tells what is wrong.
            ask<Preview>('POST', '/tracks/preview', text)
                .then((answer) => gone || setPreview(answer))
                .catch(() => undefined);
        }, PAUSE);
        return () => {
            gone = true;
            clearTimeout(timer);
        };
    }, [text]);
    return preview;
}

/** What is kept on this machine, and from which revision it was written. */
type Typed = { of: number; track: TrackDocument };

/** A document that was kept here and not sent; null: there is none of this revision that could be read. */
function keptDocument(key: string, revision: number): TrackDocument | null {
    try {
        const kept = JSON.parse(keptText(key)) as Partial<Typed> | null;
        const track: Partial<TrackDocument> | undefined = kept?.of === revision ? kept.track : undefined;
        return Array.isArray(track?.stages) && Array.isArray(track.outcomes) ? (track as TrackDocument) : null;
    } catch {
        return null;
    }
}

/** saved: as the server has it; revision: the one at which it was taken over from there */
type Work = {
    now: TrackDocument;
    saved: TrackDocument;
    revision: number;
    steps: Steps<TrackDocument>;
    last: string | null;
};

function fromServer(page: TrackEditorPageProps): Pick<Work, 'saved' | 'revision'> {
    return { saved: page.document ?? blankTrack(), revision: page.track?.revision ?? 0 };
}

export type WrittenTrack = {
    track: TrackDocument;
    unsaved: boolean;
    /** what was typed here before, and not saved, is on the page again */
    taken: boolean;
    preview: Preview | null;
    /** What is done with the same name one after the other is one step back. */
    change: (edit: (track: TrackDocument) => TrackDocument, what?: string) => void;
    undo: (() => void) | null;
    redo: (() => void) | null;
    save: () => void;
    publish: () => void;
    discard: () => void;
    /** Where somebody else has changed it: puts theirs in the place of ours, which an undo brings back. */
    theirs: (() => void) | null;
    busy: boolean;
    faults: string[];
};

/** The track that is worked on: kept on this machine with every change, saved as the draft when it is said. */
export function useTrack(page: TrackEditorPageProps): WrittenTrack {
    const key = useKeptKey(`track ${page.track?.slug ?? ''}`);
    const [work, setWork] = useState<Work>(() => {
        const server = fromServer(page);
        const kept = keptDocument(key, server.revision);
        return {
            ...server,
            now: kept ?? server.saved,
            steps: { past: kept === null ? [] : [server.saved], future: [] },
            last: null,
        };
    });
    const [taken] = useState(work.now !== work.saved);
    const { busy, faults, send } = useSending();
    const unsaved = work.now !== work.saved;
    const text = JSON.stringify(toSend(work.now));
    useEffect(
        () => keep(key, unsaved ? JSON.stringify({ of: work.revision, track: work.now } satisfies Typed) : ''),
        [key, unsaved, work.now, work.revision],
    );
    useWarning(unsaved);
    const theirs = (): void =>
        setWork((before) => {
            const server = fromServer(page);
            return { ...server, now: server.saved, steps: remembered(before.steps, before.now), last: null };
        });
    // What somebody else has saved is taken over at once where nothing of ours is under way.
    const newer = (page.track?.revision ?? 0) > work.revision;
    if (newer && !unsaved && !busy) theirs();

    const keepDraft = async (): Promise<{ track: string; revision: number }> => {
        const sent = toSend(work.now);
        const saved = await ask<{ track: string; revision: number }>(
            'PUT',
            '/tracks',
            JSON.stringify({ revision: work.revision, document: sent }),
        );
        keep(key, '');
        setWork((before) => ({
            ...before,
            now: before.now === work.now ? sent : before.now,
            saved: sent,
            revision: saved.revision,
        }));
        return saved;
    };
    const go = (back: boolean): (() => void) | null => {
        const to = step(work.steps, work.now, back);
        return to === null ? null : () => setWork({ ...work, now: to.now, steps: to.steps, last: null });
    };

    return {
        track: work.now,
        unsaved,
        taken,
        preview: usePreview(text),
        change: (edit, what) =>
            setWork((before) => ({
                ...before,
                now: edit(before.now),
                last: what ?? null,
                steps: what !== undefined && what === before.last ? before.steps : remembered(before.steps, before.now),
            })),
        undo: go(true),
        redo: go(false),
        save: () =>
            void send(async () => {
                const saved = await keepDraft();
                router.visit(`/tracks/${saved.track}/edit`, {
                    preserveState: saved.track === page.track?.slug,
                    preserveScroll: true,
                    replace: true,
                });
            }),
        publish: () =>
            void send(async () => {
                const saved = unsaved ? await keepDraft() : { track: work.now.id, revision: work.revision };
                await ask('POST', `/tracks/${saved.track}/publish`, JSON.stringify({ revision: saved.revision }));
                router.visit('/tracks');
            }),
        discard: () =>
            void send(async () => {
                await ask('POST', `/tracks/${work.now.id}/discard`, JSON.stringify({ revision: work.revision }));
                keep(key, '');
                router.visit('/tracks');
            }),
        theirs: newer && unsaved ? theirs : null,
        busy,
        faults,
    };
}
