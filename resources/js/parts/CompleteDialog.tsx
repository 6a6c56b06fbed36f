import { useForm } from '@inertiajs/react';
import type { TaskView } from '@props/TaskView';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { Labelled } from '@/ui/Labelled';

type Props = { task: TaskView; place: string; open: boolean; onOpenChange: (open: boolean) => void };

export function CompleteDialog({ task, place, open, onOpenChange }: Props) {
    const form = useForm({ spent: String(task.spentMinutes > 0 ? task.spentMinutes : task.estimateMinutes), note: '' });
    const send = (): void => {
        form.transform((data) => ({ ...data, revision: task.revision, from: place }));
        form.post(`/tasks/${task.id}/complete`, { preserveScroll: true, onSuccess: () => onOpenChange(false) });
    };
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title={`Complete № ${task.number}`} description="It can be taken up again at once if this was too soon.">
            <form
                className="space-y-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    send();
                }}
            >
                <Labelled label="Minutes spent in all" hint="The estimate stands here until you change it." wrong={form.errors.spent}>
                    <input className="entry w-32" inputMode="numeric" value={form.data.spent} onChange={(event) => form.setData('spent', event.target.value)} />
                </Labelled>
                <Labelled label="Note" hint="What was done or agreed; may stay empty." wrong={form.errors.note}>
                    <textarea data-autofocus className="entry w-full" rows={3} maxLength={5000} value={form.data.note} onChange={(event) => form.setData('note', event.target.value)} />
                </Labelled>
                <div className="flex justify-end gap-2">
                    <Button onClick={() => onOpenChange(false)}>Not yet</Button>
                    <Button type="submit" look="main" disabled={form.processing}>
                        Complete
                    </Button>
                </div>
            </form>
        </Dialog>
    );
}
