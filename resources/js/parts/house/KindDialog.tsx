import { Link, router } from '@inertiajs/react';
import type { Completion, HouseKind, HousePageProps } from '@props/House/HousePage';
import type { AskedField, EntryValue } from '@props/Intake/NewTaskPage';
import { useState } from 'react';
import { unlessRefused } from '@/lib/refused';
import { FieldEntry } from '@/parts/FieldEntry';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { shortName } from '@/lib/shortName';
import { say } from '@/lib/words';
import { AskedFields } from './AskedFields';
import { CompletionFields } from './CompletionFields';
import { Learned } from './Learned';
import { knownAs } from './knownAs';

type Props = Pick<HousePageProps, 'entries' | 'people'> & { kind: HouseKind | null; onClose: () => void };

const NOTHING: Completion = { file: false, checklist: false, note: false, fields: [] };

/** Makes a kind of task, or changes one. */
export function KindDialog({ kind, entries, people, onClose }: Props) {
    const [name, setName] = useState(kind?.name ?? '');
    const [minutes, setMinutes] = useState(String(kind?.minutes ?? 30));
    const [defaults, setDefaults] = useState<Record<string, EntryValue>>(kind?.defaults ?? {});
    const [asks, setAsks] = useState<AskedField[] | null>(kind?.asks ?? null);
    const [completion, setCompletion] = useState(kind?.completion ?? NOTHING);
    const [wrong, setWrong] = useState<Record<string, string>>({});
    const tasks = entries.filter((one) => one.path.startsWith('task.'));
    const had = tasks.filter((one) => asks === null || asks.some(({ path }) => path === one.path));
    const send = (): void => {
        const after = { preserveScroll: true, onSuccess: unlessRefused(onClose), onError: setWrong };
        const data = { name, minutes, defaults, asks, completion };
        if (kind === null) router.post('/house/kinds', data, after);
        else router.put(`/house/kinds/${kind.id}`, data, after);
    };
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={kind === null ? say('screen.kind_dialog.new_kind_of_task') : kind.name}
            wide
        >
            <DialogForm onLeave={onClose} onSend={send}>
                <div className="grid gap-4 sm:grid-cols-[2fr_1fr]">
                    <Labelled
                        label={say('screen.common.name')}
                        hint={kind === null ? knownAs(shortName(name)) : undefined}
                        wrong={wrong.name}
                    >
                        <input
                            data-autofocus
                            className="entry w-full"
                            maxLength={120}
                            value={name}
                            onChange={(event) => setName(event.target.value)}
                        />
                    </Labelled>
                    <Labelled label={say('screen.kind_dialog.minutes_that_it_usually')} wrong={wrong.minutes}>
                        <input
                            className="entry w-28"
                            inputMode="numeric"
                            value={minutes}
                            onChange={(event) => setMinutes(event.target.value)}
                        />
                    </Labelled>
                </div>
                {kind !== null && (
                    <Learned learned={kind.learned} minutes={minutes} onTake={(median) => setMinutes(String(median))} />
                )}
                <p className="text-ink2">
                    {say('screen.kind_dialog.how_it_is_done')}{' '}
                    <Link href="/guides" className="text-sky underline">
                        {say('nav.guides')}
                    </Link>
                </p>
                {tasks.length > 0 && <AskedFields asks={asks} fields={tasks} onChange={setAsks} />}
                <CompletionFields completion={completion} fields={had} onChange={setCompletion} />
                <h3 className="font-semibold">{say('screen.kind_dialog.what_tasks_of_it')}</h3>
                <div className="grid gap-4 sm:grid-cols-3">
                    {had.map((field) => (
                        <FieldEntry
                            key={field.path}
                            field={field}
                            value={defaults[field.path] ?? null}
                            people={people}
                            wrong={wrong[`defaults.${field.path}`]}
                            onChange={(value) => setDefaults({ ...defaults, [field.path]: value })}
                        />
                    ))}
                </div>
            </DialogForm>
        </Dialog>
    );
}
