import { usePeople } from '@/lib/usePeople';
import { useSending } from '@/lib/useSending';
import { router } from '@inertiajs/react';
import type { MissedLine } from '@props/Tasks/MissedLine';
import type { EntryField, EntryValue } from '@props/Intake/NewTaskPage';
import type { TaskView } from '@props/Tasks/TaskView';
import { useEffect, useState } from 'react';
import { ask } from '@/lib/ask';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { FieldEntry } from './FieldEntry';
import { Missed } from './Missed';
import { say } from '@/lib/words';

type Loaded = (EntryField & { value: EntryValue })[];
type Conflict = { path: string; theirs: EntryValue; yours: EntryValue; label: string; said: string };

const same = (one: EntryValue | undefined, other: EntryValue | undefined): boolean =>
    JSON.stringify(one ?? null) === JSON.stringify(other ?? null);

/** What somebody else has changed in the meantime, beside what was typed here. */
function Conflicts({
    conflicts,
    onTheirs,
    onMine,
}: {
    conflicts: Conflict[];
    onTheirs: (one: Conflict) => void;
    onMine: (one: Conflict) => void;
}) {
    if (conflicts.length === 0) return null;
    return (
        <div role="alert" className="box border-ochre p-3">
            <p className="font-semibold">{say('screen.edit_dialog.somebody_else_has_changed')}</p>
            <ul>
                {conflicts.map((one) => (
                    <li key={one.path} className="border-t border-line py-1 first:border-0">
                        {one.said} <span className="text-ink2">{say('screen.edit_dialog.theirs_yours')}</span>{' '}
                        <Button look="quiet" onClick={() => onTheirs(one)}>
                            {say('screen.edit_dialog.leave_theirs')}
                        </Button>
                        <Button look="quiet" onClick={() => onMine(one)}>
                            {say('screen.edit_dialog.put_mine')}
                        </Button>
                    </li>
                ))}
            </ul>
        </div>
    );
}

/** What is typed of the fields of a task, beside what was seen of them, and what came of saving it. */
function useFieldEdits(task: TaskView, onClose: () => void) {
    const [fields, setFields] = useState<Loaded | null>(null);
    const [seen, setSeen] = useState<Record<string, EntryValue>>({});
    const [typed, setTyped] = useState<Record<string, EntryValue>>({});
    const [conflicts, setConflicts] = useState<Conflict[]>([]);
    const [missed, setMissed] = useState<MissedLine[]>([]);
    const { busy, wrong, send } = useSending((fault) => fault.pointer.replace('/set/', ''));

    useEffect(() => {
        void ask<{ fields: Loaded }>('GET', `/tasks/${task.id}/fields`).then(({ fields: loaded }) => {
            setFields(loaded);
            setSeen(Object.fromEntries(loaded.map((one) => [one.path, one.value])));
        });
    }, [task.id]);

    const changed = Object.keys(typed).filter((path) => !same(typed[path], seen[path]));
    const save = async (paths: string[], known: Record<string, EntryValue>): Promise<void> => {
        await send(async () => {
            const pick = (from: Record<string, EntryValue>): Record<string, EntryValue> =>
                Object.fromEntries(paths.map((path) => [path, from[path] ?? null]));
            const answer = await ask<{ conflicts: Conflict[]; missed: MissedLine[] }>(
                'PUT',
                `/tasks/${task.id}/fields`,
                JSON.stringify({ seen: pick(known), set: pick(typed) }),
            );
            setConflicts(answer.conflicts);
            setMissed(answer.missed);
            router.reload();
            if (answer.conflicts.length === 0 && answer.missed.length === 0) onClose();
            else
                setSeen({
                    ...known,
                    ...pick(typed),
                    ...Object.fromEntries(answer.conflicts.map((one) => [one.path, one.theirs])),
                });
        });
    };
    const settle = (one: Conflict, value: EntryValue): void => {
        setTyped({ ...typed, [one.path]: value });
        setConflicts(conflicts.filter((other) => other !== one));
    };
    const leave = (left: MissedLine[]): void =>
        left.length === 0 && conflicts.length === 0 ? onClose() : setMissed(left);
    return {
        fields,
        seen,
        typed,
        setTyped,
        conflicts,
        missed,
        leave,
        wrong,
        busy,
        settle,
        changed: changed.length,
        save: () => void save(changed, seen),
    };
}

/** Changes what stands on a task. What somebody else changes at the same time is kept, and said. */
export function EditDialog({ task, onClose }: { task: TaskView; onClose: () => void }) {
    const people = usePeople();
    const { fields, seen, typed, setTyped, conflicts, missed, leave, wrong, busy, settle, changed, save } =
        useFieldEdits(task, onClose);
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('screen.edit_dialog.title_of', { number: task.number })}
            description={say('screen.edit_dialog.what_is_changed_stands')}
            wide
        >
            {fields === null ? (
                <p className="text-ink2">{say('screen.edit_dialog.a_moment')}</p>
            ) : (
                <DialogForm busy={busy || changed === 0} onLeave={onClose} onSend={save}>
                    <Missed missed={missed} onDone={leave} />
                    <Conflicts
                        conflicts={conflicts}
                        onTheirs={(one) => settle(one, one.theirs)}
                        onMine={(one) => settle(one, one.yours)}
                    />
                    <div className="grid gap-4 sm:grid-cols-2">
                        {fields.map((field) => (
                            <div
                                key={field.path}
                                className={field.type === 'line' || field.type === 'long_text' ? 'sm:col-span-2' : ''}
                            >
                                <FieldEntry
                                    field={field}
                                    value={
                                        field.path in typed ? (typed[field.path] ?? null) : (seen[field.path] ?? null)
                                    }
                                    people={people}
                                    wrong={wrong[field.path]}
                                    onChange={(value) => setTyped({ ...typed, [field.path]: value })}
                                />
                            </div>
                        ))}
                    </div>
                    {wrong[''] !== undefined && Object.keys(wrong).length === 1 && (
                        <p className="text-brick">{wrong['']}</p>
                    )}
                </DialogForm>
            )}
        </Dialog>
    );
}
