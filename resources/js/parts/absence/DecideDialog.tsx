import { useForm } from '@inertiajs/react';
import type { AbsenceLine } from '@props/Absences/AbsencesPage';
import { unlessRefused } from '@/lib/refused';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

/** Approves or declines, with a word for whoever asked. */
export function DecideDialog({
    absence,
    approve,
    onClose,
}: {
    absence: AbsenceLine;
    approve: boolean;
    onClose: () => void;
}) {
    const form = useForm({ word: '' });
    const send = (): void => {
        form.transform((data) => ({ ...data, approve: approve ? 1 : 0 }) as unknown as typeof data);
        form.post(`/absences/${absence.id}/decide`, { preserveScroll: true, onSuccess: unlessRefused(onClose) });
    };
    const way = approve ? 'approve' : 'decline';
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say(`absence.${way}_title`, { person: absence.person?.name ?? '' })}
            description={say(`absence.${way}_description`)}
        >
            <DialogForm
                busy={form.processing}
                send={say(`absence.${way}`)}
                look={approve ? 'main' : 'grave'}
                onLeave={onClose}
                onSend={send}
            >
                <Labelled label={say('absence.word')} hint={say('absence.word_hint')} wrong={form.errors.word}>
                    <input
                        data-autofocus
                        className="entry w-full"
                        maxLength={255}
                        value={form.data.word}
                        onChange={(event) => form.setData('word', event.target.value)}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}
