import { useForm } from '@inertiajs/react';
import type { HouseChecklist } from '@props/House/HousePage';
import { unlessRefused } from '@/lib/refused';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { shortName } from '@/lib/shortName';
import { say } from '@/lib/words';
import { knownAs } from './knownAs';

/** Makes a checklist, or changes one. */
export function ChecklistDialog({ checklist, onClose }: { checklist: HouseChecklist | null; onClose: () => void }) {
    const form = useForm({
        name: checklist?.name ?? '',
        text: (checklist?.items ?? []).join('\n'),
    });
    const errors = form.errors as Record<string, string | undefined>;
    const send = (): void => {
        form.transform(
            (data) =>
                ({
                    ...data,
                    items: data.text
                        .split('\n')
                        .map((line) => line.trim())
                        .filter((line) => line !== ''),
                }) as unknown as typeof data,
        );
        const after = { preserveScroll: true, onSuccess: unlessRefused(onClose) };
        if (checklist === null) form.post('/house/checklists', after);
        else form.put(`/house/checklists/${checklist.id}`, after);
    };
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={checklist === null ? say('screen.common.new_checklist') : checklist.name}
            description={say('screen.checklist_dialog.tasks_that_have_its')}
        >
            <DialogForm busy={form.processing} onLeave={onClose} onSend={send}>
                <Labelled
                    label={say('screen.common.name')}
                    hint={checklist === null ? knownAs(shortName(form.data.name)) : undefined}
                    wrong={errors.name}
                >
                    <input
                        className="entry w-full"
                        maxLength={120}
                        value={form.data.name}
                        onChange={(event) => form.setData('name', event.target.value)}
                    />
                </Labelled>
                <Labelled
                    label={say('screen.checklist_dialog.items')}
                    hint={say('screen.checklist_dialog.one_a_line_in')}
                    wrong={errors.items ?? Object.entries(errors).find(([name]) => name.startsWith('items.'))?.[1]}
                >
                    <textarea
                        className="entry w-full"
                        rows={8}
                        value={form.data.text}
                        onChange={(event) => form.setData('text', event.target.value)}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}
