import type { Fault } from '@props/Rules/RulebookPage';
import type { Written } from '@props/WrittenVersions';
import { router } from '@inertiajs/react';
import { ask } from './ask';
import { usePreview } from './usePreview';
import { useSending } from './useSending';
import { useWork, type Work } from './useWork';

/** What the server says of what is being written; differences: null where they can't be told. */
export type WrittenPreview = { faults: Fault[]; differences: { text: string }[] | null };

export type WrittenWork<T, P extends WrittenPreview> = Pick<
    Work<T>,
    'now' | 'unsaved' | 'taken' | 'change' | 'undo' | 'redo'
> & {
    preview: P | null;
    save: () => void;
    publish: () => void;
    discard: () => void;
    /** Where somebody else has changed it: puts theirs in the place of ours, which an undo brings back. */
    theirs: (() => void) | null;
    busy: boolean;
    faults: string[];
};

/** A kind of thing that leads write: where it is kept, and how it is sent. */
type KindOfWritten<T> = {
    /** under which its pages are, such as /tracks */
    path: string;
    /** Whether what was kept on this machine is one. */
    reads: (kept: Partial<T>) => boolean;
    /** With keys for what is new. */
    toSend: (document: T) => T;
};

/** Something that is worked on: saved as the draft when it is said, in force when it is published. */
export function useWritten<T extends { id: string }, P extends WrittenPreview>(
    page: { written: Written; document: T },
    { path, reads, toSend }: KindOfWritten<T>,
): WrittenWork<T, P> {
    const server = { document: page.document, revision: page.written?.revision ?? 0 };
    const work = useWork(`${path} ${page.written?.slug ?? ''}`, server, reads);
    const { now, unsaved } = work;
    const { busy, faults, send } = useSending();
    const theirs = (): void => work.takeOver(server);
    // What somebody else has saved is taken over at once where nothing of ours is under way.
    const newer = server.revision > work.revision;
    if (newer && !unsaved && !busy) theirs();

    const keepDraft = async (): Promise<{ id: string; revision: number }> => {
        const sent = toSend(now);
        const saved = await ask<{ id: string; revision: number }>(
            'PUT',
            path,
            JSON.stringify({ revision: work.revision, document: sent }),
        );
        work.sent(now, sent, saved.revision);
        return saved;
    };

    return {
        ...work,
        preview: usePreview<P>(`${path}/preview`, JSON.stringify(toSend(now))),
        save: () =>
            void send(async () => {
                const saved = await keepDraft();
                router.visit(`${path}/${saved.id}/edit`, {
                    preserveState: saved.id === page.written?.slug,
                    preserveScroll: true,
                    replace: true,
                });
            }),
        publish: () =>
            void send(async () => {
                const saved = unsaved ? await keepDraft() : { id: now.id, revision: work.revision };
                await ask('POST', `${path}/${saved.id}/publish`, JSON.stringify({ revision: saved.revision }));
                router.visit(path);
            }),
        discard: () =>
            void send(async () => {
                await ask('POST', `${path}/${now.id}/discard`, JSON.stringify({ revision: work.revision }));
                work.forget();
                router.visit(path);
            }),
        theirs: newer && unsaved ? theirs : null,
        busy,
        faults,
    };
}
