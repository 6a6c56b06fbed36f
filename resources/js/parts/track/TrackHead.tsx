import type { TrackEditorPageProps } from '@props/Cases/TrackEditorPage';
import type { WrittenTrack } from '@/lib/useTrack';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { UndoRedo } from '@/parts/rule/RulebookHeader';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TrackDifferences } from './TrackAside';

export type Asking = 'publish' | 'discard' | null;

/** What it is called, what was done with it, and what can be done. */
export function TopLine({
    page,
    written,
    onAsk,
    onAdd,
}: {
    page: TrackEditorPageProps;
    written: WrittenTrack;
    onAsk: (what: Asking) => void;
    onAdd: () => void;
}) {
    const { track, unsaved, preview, busy, theirs } = written;
    const differs = preview?.differences?.length !== 0;
    return (
        <header className="sticky top-0 z-30 flex flex-wrap items-center gap-3 border-b border-line bg-chalk px-4 py-2">
            <h1 className="min-w-0 text-lg break-words">
                {page.track === null ? say('track.new_title') : say('track.edit_title', { name: track.name })}
            </h1>
            <span className="text-ink2" role="status">
                {unsaved ? say('track.unsaved') : page.track?.hasDraft === true ? say('track.is_draft') : ''}
            </span>
            <span className="ms-auto flex flex-wrap items-center gap-2">
                <UndoRedo draft={written} />
                <Button onClick={onAdd}>{say('track.add_stage')}</Button>
                {page.track?.hasDraft === true && (
                    <Button look="grave" disabled={busy} onClick={() => onAsk('discard')}>
                        {say('track.discard')}
                    </Button>
                )}
                <Button disabled={busy || !unsaved} onClick={written.save}>
                    {say('track.save')}
                </Button>
                <Button
                    look="main"
                    disabled={busy || !differs || preview?.faults.length !== 0}
                    onClick={() => onAsk('publish')}
                >
                    {say('track.publish')}
                </Button>
            </span>
            {theirs !== null && (
                <p role="alert" className="basis-full font-semibold text-brick">
                    {say('track.moved_on')}{' '}
                    <Button look="quiet" onClick={theirs}>
                        {say('screen.rulebook_header.look_at_theirs')}
                    </Button>
                </p>
            )}
            {written.faults.length > 0 && (
                <div className="basis-full">
                    <FaultList faults={written.faults} />
                </div>
            )}
        </header>
    );
}

/** Asks before it is in force, and before what was written is gone. */
export function TrackDialogs({
    written,
    asking,
    onAsk,
}: {
    written: WrittenTrack;
    asking: Asking;
    onAsk: (what: Asking) => void;
}) {
    const { track, busy, publish, discard } = written;
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
                title={say('track.publish_title', { name: track.name })}
                description={say('track.publish_means')}
            >
                <div
                    className="max-h-[46vh] overflow-auto"
                    tabIndex={0}
                    role="region"
                    aria-label={say('track.differences')}
                >
                    <TrackDifferences written={written} />
                </div>
                <div className="mt-4 flex justify-end gap-2">
                    <Button onClick={() => onAsk(null)}>{say('screen.common.not_yet')}</Button>
                    <Button look="main" disabled={busy} onClick={done(publish)} data-autofocus>
                        {say('track.publish')}
                    </Button>
                </div>
            </Dialog>
            <Dialog
                open={asking === 'discard'}
                onOpenChange={(open) => onAsk(open ? 'discard' : null)}
                title={say('track.discard')}
                description={say('track.discard_means')}
            >
                <div className="flex justify-end gap-2">
                    <Button onClick={() => onAsk(null)}>{say('screen.discard_dialog.keep_it')}</Button>
                    <Button look="grave" disabled={busy} onClick={done(discard)}>
                        {say('track.discard')}
                    </Button>
                </div>
            </Dialog>
        </>
    );
}
