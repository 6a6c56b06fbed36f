import { useForm } from '@inertiajs/react';
import type { HouseChecklist } from '@props/House/HousePage';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

/** Makes a checklist, or changes one. */
export function ChecklistDialog({ checklist, onClose }: { checklist: HouseChecklist | null; onClose: () => void }) {
    const form = useForm({ slug: checklist?.slug ?? '', name: checklist?.name ?? '', text: (checklist?.items ?? []).join('\n') });
    const errors = form.errors as Record<string, string | undefined>;
    const send = (): void => {
        form.transform((data) => ({ ...data, items: data.text.split('\n').map((line) => line.trim()).filter((line) => line !== '') }) as unknown as typeof data);
        const after = { preserveScroll: true, onSuccess: onClose };
        if (checklist === null) form.post('/house/checklists', after);
        else form.put(`/house/checklists/${checklist.id}`, after);
    };
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={checklist === null ? 'New checklist' : checklist.name} description="Tasks that have its items already keep theirs.">
            <DialogForm busy={form.processing} onLeave={onClose} onSend={send}>
                <Labelled label="Name" wrong={errors.name}>
                    <input className="entry w-full" maxLength={120} value={form.data.name} onChange={(event) => form.setData('name', event.target.value)} />
                </Labelled>
                {checklist === null && (
                    <Labelled label="Short name" hint="As rules call it; it stays." wrong={errors.slug}>
                        <input className="entry w-full font-mono" maxLength={60} value={form.data.slug} onChange={(event) => form.setData('slug', event.target.value)} />
                    </Labelled>
                )}
                <Labelled label="Items" hint="One a line, in their order." wrong={errors.items ?? Object.entries(errors).find(([name]) => name.startsWith('items.'))?.[1]}>
                    <textarea className="entry w-full" rows={8} value={form.data.text} onChange={(event) => form.setData('text', event.target.value)} />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}
