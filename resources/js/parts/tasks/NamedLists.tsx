import type { CaseListQuery } from '@props/Cases/CasesPage';
import type { NamedList, TaskListQuery } from '@props/Tasks/TasksPage';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { unlessRefused } from '@/lib/refused';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

type ListOf = 'tasks' | 'cases';

/** Gives the list as it is now a name. */
export function NameDialog({
    of,
    filter,
    onClose,
}: {
    of: ListOf;
    filter: TaskListQuery | CaseListQuery;
    onClose: () => void;
}) {
    const [name, setName] = useState('');
    const [shared, setShared] = useState(false);
    const [wrong, setWrong] = useState<Record<string, string>>({});
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('task_list.name_it')}
            description={say('task_list.name_note')}
        >
            <DialogForm
                onLeave={onClose}
                onSend={() =>
                    router.post(
                        '/task-lists',
                        { name, shared, of, query: filter },
                        { preserveScroll: true, onSuccess: unlessRefused(onClose), onError: setWrong },
                    )
                }
            >
                <Labelled label={say('screen.common.name')} wrong={wrong.name}>
                    <input
                        className="entry w-full"
                        maxLength={120}
                        value={name}
                        onChange={(event) => setName(event.target.value)}
                    />
                </Labelled>
                <label className="flex items-center gap-2">
                    <input type="checkbox" checked={shared} onChange={(event) => setShared(event.target.checked)} />
                    {say('task_list.shared')}
                </label>
            </DialogForm>
        </Dialog>
    );
}

/** Lists that have a name: one's own, and those that others share. */
export function NamedLists({ of, lists }: { of: ListOf; lists: NamedList[] }) {
    if (lists.length === 0) return null;
    return (
        <nav aria-label={say('task_list.lists')} className="flex flex-wrap items-center gap-x-3 px-3 pt-2">
            {lists.map((one) => (
                <span key={one.id} className="inline-flex items-center">
                    <Link
                        href={`/${of}?${new URLSearchParams(one.query).toString()}`}
                        className="text-sky underline"
                        title={one.own ? undefined : say('task_list.by', { name: one.by })}
                    >
                        {one.name}
                    </Link>
                    {one.own && (
                        <Button
                            look="quiet"
                            className="min-h-6"
                            aria-label={say('task_list.remove', { name: one.name })}
                            onClick={() => router.delete(`/task-lists/${one.id}`, { preserveScroll: true })}
                        >
                            ×
                        </Button>
                    )}
                </span>
            ))}
        </nav>
    );
}
