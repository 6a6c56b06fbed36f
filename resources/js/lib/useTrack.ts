import type { TrackDifferenceLine, TrackDocument, TrackEditorPageProps } from '@props/Cases/TrackEditorPage';
import type { Fault } from '@props/Rules/RulebookPage';
import { router } from '@inertiajs/react';
import { ask } from './ask';
import { blankTrack, toSend } from './track';
import { usePreview } from './usePreview';
import { useSending } from './useSending';
import { useWork, type Work } from './useWork';

type Preview = { faults: Fault[]; differences: TrackDifferenceLine[] | null };

export type WrittenTrack = Pick<Work<TrackDocument>, 'unsaved' | 'taken' | 'change' | 'undo' | 'redo'> & {
    track: TrackDocument;
    preview: Preview | null;
    save: () => void;
    publish: () => void;
    discard: () => void;
    /** Where somebody else has changed it: puts theirs in the place of ours, which an undo brings back. */
    theirs: (() => void) | null;
    busy: boolean;
    faults: string[];
};

const isTrack = (kept: Partial<TrackDocument>): boolean => Array.isArray(kept.stages) && Array.isArray(kept.outcomes);

/** The track that is worked on: saved as the draft when it is said. */
export function useTrack(page: TrackEditorPageProps): WrittenTrack {
    const server = { document: page.document ?? blankTrack(), revision: page.track?.revision ?? 0 };
    const work = useWork(`track ${page.track?.slug ?? ''}`, server, isTrack);
    const { now, unsaved } = work;
    const { busy, faults, send } = useSending();
    const theirs = (): void => work.takeOver(server);
    // What somebody else has saved is taken over at once where nothing of ours is under way.
    const newer = server.revision > work.revision;
    if (newer && !unsaved && !busy) theirs();

    const keepDraft = async (): Promise<{ track: string; revision: number }> => {
        const sent = toSend(now);
        const saved = await ask<{ track: string; revision: number }>(
            'PUT',
            '/tracks',
            JSON.stringify({ revision: work.revision, document: sent }),
        );
        work.sent(now, sent, saved.revision);
        return saved;
    };

    return {
        ...work,
        track: now,
        preview: usePreview<Preview>('/tracks/preview', JSON.stringify(toSend(now))),
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
                const saved = unsaved ? await keepDraft() : { track: now.id, revision: work.revision };
                await ask('POST', `/tracks/${saved.track}/publish`, JSON.stringify({ revision: saved.revision }));
                router.visit('/tracks');
            }),
        discard: () =>
            void send(async () => {
                await ask('POST', `/tracks/${now.id}/discard`, JSON.stringify({ revision: work.revision }));
                work.forget();
                router.visit('/tracks');
            }),
        theirs: newer && unsaved ? theirs : null,
        busy,
        faults,
    };
}
