import { useForm } from '@inertiajs/react';
import type { TaskView } from '@props/TaskView';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { Labelled } from '@/ui/Labelled';

type Props = { task: TaskView; place: string; open: boolean; onOpenChange: (open: boolean) => void };

export function HandOnDialog({ task, place, open, onOpenChange }: Props) {
    const form = useForm({ to: '', reason: '' });
    const send = (): void => {
        form.transform((data) => ({ ...data, revision: task.revision, from: place }));
        form.post(`/tasks/${task.id}/hand-on`, {
            preserveScroll: true,
            onSuccess: () => {
                form.reset();
                onOpenChange(false);
            },
        });
    };
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title={`Hand on № ${task.number}`} description="It leaves your list and stands in theirs. The reason is kept in the handoff log.">
            <form
                className="space-y-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    send();
                }}
            >
                <Labelled label="To" wrong={form.errors.to}>
                    <select className="entry w-full" value={form.data.to} onChange={(event) => form.setData('to', event.target.value)}>
                        <option value="">Choose a person</option>
                        {task.people.map((person) => (
                            <option key={person.slug} value={person.slug}>
                                {person.name}
                                {person.note === '' ? '' : ` (${person.note})`}
                            </option>
                        ))}
                    </select>
                </Labelled>
                <Labelled label="Why" hint="In a few words, for whoever gets it." wrong={form.errors.reason}>
                    <textarea className="entry w-full" rows={3} maxLength={500} value={form.data.reason} onChange={(event) => form.setData('reason', event.target.value)} />
                </Labelled>
                <div className="flex justify-end gap-2">
                    <Button onClick={() => onOpenChange(false)}>Keep it</Button>
                    <Button type="submit" look="main" disabled={form.processing}>
                        Hand on
                    </Button>
                </div>
            </form>
        </Dialog>
    );
}
