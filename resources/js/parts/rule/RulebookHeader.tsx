import type { Draft, Saving } from '@/lib/useDraft';
import { Button } from '@/ui/Button';

function SavedState({ saving, theirs }: { saving: Saving; theirs: (() => void) | null }) {
    switch (saving.state) {
        case 'nothing to save':
            return null;
        case 'waiting':
        case 'saving':
            return <span className="text-ink2">Saving …</span>;
        case 'saved':
            return <span className="text-ink2">Draft saved</span>;
        case 'failed':
            return (
                <p className="basis-full">
                    <span role="alert" className="font-semibold text-brick">Not saved: {saving.reason}</span>
                    {theirs !== null && (
                        <Button look="quiet" onClick={theirs}>
                            Look at theirs
                        </Button>
                    )}
                </p>
            );
    }
}

type Props = { title: string; draft: Draft; mayWrite: boolean; onAdd: () => void; onDiscard: () => void; onPublish: () => void };

export function RulebookHeader({ title, draft, mayWrite, onAdd, onDiscard, onPublish }: Props) {
    return (
        <header className="sticky top-0 z-30 flex flex-wrap items-center gap-3 border-b border-line bg-chalk px-4 py-2">
            <h1 className="text-lg">{title}</h1>
            <SavedState saving={draft.saving} theirs={draft.theirs} />
            {mayWrite && (
                <span className="ml-auto flex flex-wrap items-center gap-2">
                    <Button look="quiet" disabled={draft.undo === null} onClick={() => draft.undo?.()}>
                        Undo
                    </Button>
                    <Button look="quiet" disabled={draft.redo === null} onClick={() => draft.redo?.()}>
                        Redo
                    </Button>
                    <Button onClick={onAdd}>New rule</Button>
                    {draft.isDraft && (
                        <>
                            <Button look="grave" disabled={draft.faults === null} onClick={onDiscard}>
                                Discard
                            </Button>
                            <Button look="main" disabled={draft.faults === null || draft.unsaved} onClick={onPublish}>
                                Publish …
                            </Button>
                        </>
                    )}
                </span>
            )}
        </header>
    );
}
