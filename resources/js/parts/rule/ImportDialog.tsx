import { useSending } from '@/lib/useSending';
import type { RuleDifferences } from '@props/Rules/RuleDifferences';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { FaultList } from '@/parts/FaultList';
import { FileEntry } from '@/parts/FileEntry';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { say } from '@/lib/words';
import { Differences } from './Differences';

type Props = {
    revision: number;
    isDraft: boolean;
    vocabulary: Vocabulary;
    open: boolean;
    onOpenChange: (open: boolean) => void;
};
type Looked = { file: File; differences: RuleDifferences };

/** Says what a rulebook file would change; then it takes the place of the draft, and that can be undone. */
export function ImportDialog({ revision, isDraft, vocabulary, open, onOpenChange }: Props) {
    const { busy, faults, send } = useSending();
    const [looked, setLooked] = useState<Looked | null>(null);
    const [done, setDone] = useState<number | null>(null);
    const look = (file: File): void => {
        setLooked(null);
        void send(async () =>
            setLooked({ file, differences: await ask<RuleDifferences>('POST', '/rulebook/import/preview', file) }),
        );
    };
    const act = (path: string, body?: File): void =>
        void send(async () => {
            const answer = await ask<{ revision?: number }>('POST', path, body);
            setDone(answer.revision ?? null);
            setLooked(null);
            router.reload();
        });
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            wide
            title={say('screen.import_dialog.read_rules_from_a')}
            description={say('screen.import_dialog.description', { draft: String(isDraft) })}
        >
            {done === null ? (
                <FileEntry
                    label={say('screen.import_dialog.rulebook_file_json')}
                    accept="application/json,.json"
                    disabled={busy}
                    onFile={look}
                />
            ) : (
                <p role="status">{say('differences.imported')}</p>
            )}
            <FaultList faults={faults} />
            {looked !== null && <Differences of={looked.differences} vocabulary={vocabulary} />}
            <div className="mt-4 flex justify-end gap-2">
                {done !== null && (
                    <Button disabled={busy} onClick={() => act(`/rulebook/import/undo?revision=${done}`)}>
                        {say('differences.undo')}
                    </Button>
                )}
                <Button onClick={() => onOpenChange(false)}>
                    {say(looked === null ? 'screen.common.close' : 'screen.common.not_yet')}
                </Button>
                {looked !== null && (
                    <Button
                        look="main"
                        disabled={busy}
                        onClick={() => act(`/rulebook/import?revision=${revision}`, looked.file)}
                    >
                        {say('differences.import')}
                    </Button>
                )}
            </div>
        </Dialog>
    );
}
