import type { Written } from '@props/WrittenVersions';
import type { ReactNode } from 'react';
import type { WrittenPreview, WrittenWork } from '@/lib/useWritten';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { UndoRedo } from '@/parts/rule/RulebookHeader';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { Differences } from './WrittenAside';

export type Asking = 'publish' | 'discard' | null;

/** Any kind of work that is written, as far as the head and the dialogs care. */
export type AnyWork = Omit<WrittenWork<unknown, WrittenPreview>, 'change' | 'now'>;

/** What it is called, what was done with it, and what can be done. */
export function TopLine({
    title,
    written,
    work,
    onAsk,
    children,
}: {
    title: string;
    written: Written;
    work: AnyWork;
    onAsk: (what: Asking) => void;
    /** what else can be done */
    children: ReactNode;
}) {
    const { unsaved, preview, busy, theirs } = work;
    const differs = preview?.differences?.length !== 0;
    return (
        <header className="sticky top-0 z-30 flex flex-wrap items-center gap-3 border-b border-line bg-chalk px-4 py-2">
            <h1 className="min-w-0 text-lg break-words">{title}</h1>
            <span className="text-ink2" role="status">
                {unsaved ? say('written.unsaved') : written?.hasDraft === true ? say('written.is_draft') : ''}
            </span>
            <span className="ms-auto flex flex-wrap items-center gap-2">
                <UndoRedo draft={work} />
                {children}
                {written?.hasDraft === true && (
                    <Button look="grave" disabled={busy} onClick={() => onAsk('discard')}>
                        {say('written.discard')}
                    </Button>
                )}
                <Button disabled={busy || !unsaved} onClick={work.save}>
                    {say('written.save')}
                </Button>
                <Button
                    look="main"
                    disabled={busy || !differs || preview?.faults.length !== 0}
                    onClick={() => onAsk('publish')}
                >
                    {say('written.publish')}
                </Button>
            </span>
            {theirs !== null && (
                <p role="alert" className="basis-full font-semibold text-brick">
                    {say('written.moved_on')}{' '}
                    <Button look="quiet" onClick={theirs}>
                        {say('screen.rulebook_header.look_at_theirs')}
                    </Button>
                </p>
            )}
            {work.faults.length > 0 && (
                <div className="basis-full">
                    <FaultList faults={work.faults} />
                </div>
            )}
        </header>
    );
}

/** Asks before it is in force, and before what was written is gone. */
export function WrittenDialogs({
    work,
    asking,
    says,
    onAsk,
}: {
    work: AnyWork;
    asking: Asking;
    says: { publish: string; publishMeans: string; discardMeans: string };
    onAsk: (what: Asking) => void;
}) {
    const { busy, publish, discard } = work;
    const done = (deed: () => void) => () => {
        onAsk(null);
        deed();
    };
    return (
        <>
            <Dialog
                open={asking === 'publish'}
                onOpenChange={(open) => onAsk(open ? 'publish' : null)}
                wide
                title={says.publish}
                description={says.publishMeans}
            >
                <div
                    className="max-h-[46vh] overflow-auto"
                    tabIndex={0}
                    role="region"
                    aria-label={say('written.differences')}
                >
                    <Differences preview={work.preview} />
                </div>
                <div className="mt-4 flex justify-end gap-2">
                    <Button onClick={() => onAsk(null)}>{say('screen.common.not_yet')}</Button>
                    <Button look="main" disabled={busy} onClick={done(publish)} data-autofocus>
                        {say('written.publish')}
                    </Button>
                </div>
            </Dialog>
            <Dialog
                open={asking === 'discard'}
                onOpenChange={(open) => onAsk(open ? 'discard' : null)}
                title={say('written.discard')}
                description={says.discardMeans}
            >
                <div className="flex justify-end gap-2">
                    <Button onClick={() => onAsk(null)}>{say('screen.discard_dialog.keep_it')}</Button>
                    <Button look="grave" disabled={busy} onClick={done(discard)}>
                        {say('written.discard')}
                    </Button>
                </div>
            </Dialog>
        </>
    );
}
