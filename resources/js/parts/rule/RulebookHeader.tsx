import type { Draft, Saving } from '@/lib/useDraft';
import type { Writer } from '@/lib/useWriters';
import { Button } from '@/ui/Button';
import { say } from '@/lib/words';

/** Whether what was changed is saved, and why not. */
export function SavedState({ saving, theirs }: { saving: Saving; theirs: (() => void) | null }) {
    switch (saving.state) {
        case 'nothing to save':
            return null;
        case 'waiting':
        case 'saving':
            return <span className="text-ink2">{say('screen.rulebook_header.saving')}</span>;
        case 'saved':
            return <span className="text-ink2">{say('screen.rulebook_header.draft_saved')}</span>;
        case 'failed':
            return (
                <p className="basis-full">
                    <span role="alert" className="font-semibold text-brick">
                        {say('screen.rulebook_header.not_saved', { reason: saving.reason })}
                    </span>
                    {theirs !== null && (
                        <Button look="quiet" onClick={theirs}>
                            {say('screen.rulebook_header.look_at_theirs')}
                        </Button>
                    )}
                </p>
            );
    }
}

/** A step back and a step forward in what was changed. */
export function UndoRedo({ draft }: { draft: Pick<Draft, 'undo' | 'redo'> }) {
    return (
        <>
            <Button look="quiet" disabled={draft.undo === null} onClick={() => draft.undo?.()}>
                {say('screen.rulebook_header.undo')}
            </Button>
            <Button look="quiet" disabled={draft.redo === null} onClick={() => draft.redo?.()}>
                {say('screen.rulebook_header.redo')}
            </Button>
        </>
    );
}

type Props = {
    title: string;
    draft: Draft;
    mayWrite: boolean;
    /** who else has it open to write it */
    others: Writer[];
    onAdd: () => void;
    onDiscard: () => void;
    onPublish: () => void;
};

/** Who else has the rulebook open to write it. */
export function AlsoHere({ others }: { others: Writer[] }) {
    return (
        others.length > 0 && (
            <span className="text-plum" role="status">
                {say('screen.rulebook_header.here', { names: others.map(({ name }) => name).join(', ') })}
            </span>
        )
    );
}

export function RulebookHeader({ title, draft, mayWrite, others, onAdd, onDiscard, onPublish }: Props) {
    return (
        <header className="sticky top-0 z-30 flex flex-wrap items-center gap-3 border-b border-line bg-chalk px-4 py-2">
            <h1 className="text-lg">{title}</h1>
            <SavedState saving={draft.saving} theirs={draft.theirs} />
            <AlsoHere others={others} />
            {mayWrite && (
                <span className="ms-auto flex flex-wrap items-center gap-2">
                    <UndoRedo draft={draft} />
                    <Button onClick={onAdd}>{say('screen.rulebook_header.new_rule')}</Button>
                    {draft.isDraft && (
                        <>
                            <Button look="grave" disabled={draft.faults === null} onClick={onDiscard}>
                                {say('screen.common.discard')}
                            </Button>
                            <Button look="main" disabled={draft.faults === null || draft.unsaved} onClick={onPublish}>
                                {say('screen.rulebook_header.publish')}
                            </Button>
                        </>
                    )}
                </span>
            )}
        </header>
    );
}
