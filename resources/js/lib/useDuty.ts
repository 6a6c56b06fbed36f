import type { DutyDocument, DutyEditorPageProps } from '@props/Duties/DutyEditorPage';
import type { Fault } from '@props/Rules/RulebookPage';
import { router } from '@inertiajs/react';
import { ask } from './ask';
import { blankDuty, dutyToSend } from './duty';
import { useToday } from './format';
import { usePreview } from './usePreview';
import { useSending } from './useSending';
import { useWork, type Work } from './useWork';

export type NextDate = { key: string; date: string; appears: string; due: string | null; title: string };

type Preview = { faults: Fault[]; says: string | null; dates: NextDate[] };

export type WrittenDuty = Pick<Work<DutyDocument>, 'unsaved' | 'taken' | 'change' | 'undo' | 'redo'> & {
    duty: DutyDocument;
    preview: Preview | null;
    save: () => void;
    end: () => void;
    /** Where somebody else has changed it: puts theirs in the place of ours, which an undo brings back. */
    theirs: (() => void) | null;
    busy: boolean;
    faults: string[];
};

const isDuty = (kept: Partial<DutyDocument>): boolean => kept.task !== undefined && kept.comes !== undefined;

/** The standing duty that is worked on. */
export function useDuty(page: DutyEditorPageProps): WrittenDuty {
    const today = useToday();
    const server = { document: page.document ?? blankDuty(today, page.task), revision: page.duty?.revision ?? 0 };
    const what = page.duty?.slug ?? (page.task === null ? '' : `like ${page.task.title ?? ''}`);
    const work = useWork(`duty ${what}`, server, isDuty);
    const { busy, faults, send } = useSending();
    const theirs = (): void => work.takeOver(server);
    const newer = server.revision > work.revision;
    if (newer && !work.unsaved && !busy) theirs();
    const written = dutyToSend(work.now, page);

    return {
        ...work,
        duty: work.now,
        preview: usePreview<Preview>('/duties/preview', JSON.stringify(written)),
        save: () =>
            void send(async () => {
                const saved = await ask<{ duty: string; revision: number }>(
                    'PUT',
                    '/duties',
                    JSON.stringify({ revision: work.revision, document: written }),
                );
                work.sent(work.now, work.now, saved.revision);
                router.visit('/duties');
            }),
        end: () =>
            void send(async () => {
                await ask('POST', `/duties/${written.id}/end`, JSON.stringify({ revision: work.revision }));
                work.forget();
                router.visit('/duties');
            }),
        theirs: newer && work.unsaved ? theirs : null,
        busy,
        faults,
    };
}
