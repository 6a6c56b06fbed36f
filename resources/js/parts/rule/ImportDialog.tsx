import { useSending } from '@/lib/useSending';
import { router } from '@inertiajs/react';
import { ask } from '@/lib/ask';
import { FaultList } from '@/parts/FaultList';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { say } from '@/lib/words';

type Props = { revision: number; isDraft: boolean; open: boolean; onOpenChange: (open: boolean) => void };

/** Reads a rulebook file into the draft; nothing is changed unless all of it is right. */
export function ImportDialog({ revision, isDraft, open, onOpenChange }: Props) {
    const { busy, faults, send } = useSending();
    const read = (file: File | undefined): void => {
        if (file === undefined) return;
        void send(async () => {
            await ask('POST', `/rulebook/import?revision=${revision}`, await file.text());
            onOpenChange(false);
            router.reload();
        });
    };
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title={say('screen.import_dialog.read_rules_from_a')}
            description={say('screen.import_dialog.description', { draft: String(isDraft) })}
        >
            <label className="block space-y-1">
                <span className="font-medium">{say('screen.import_dialog.rulebook_file_json')}</span>
                <input
                    className="entry w-full"
                    type="file"
                    accept="application/json,.json"
                    disabled={busy}
                    onChange={(event) => read(event.target.files?.[0])}
                />
            </label>
            <FaultList faults={faults} />
            <div className="mt-4 flex justify-end">
                <Button onClick={() => onOpenChange(false)}>{say('screen.common.close')}</Button>
            </div>
        </Dialog>
    );
}
