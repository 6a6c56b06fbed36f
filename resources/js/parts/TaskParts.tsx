import { router } from '@inertiajs/react';
import type { NextMoment } from '@props/TaskHistory';
import type { TaskView } from '@props/TaskView';
import { useFormats } from '@/lib/format';

/** What is to be ticked. */
export function Checklist({ task }: { task: TaskView }) {
    const tick = (item: string, done: boolean): void => router.post(`/tasks/${task.id}/tick`, { item, done }, { preserveScroll: true });
    const done = task.checklist.filter((item) => item.done).length;
    return (
        <>
            <p className="mb-1 text-xs text-ink2">
                {done} of {task.checklist.length} ticked
            </p>
            <ul>
                {task.checklist.map((item) => (
                    <li key={item.text}>
                        <label className="flex items-start gap-2 py-0.5">
                            <input type="checkbox" className="mt-1" checked={item.done} disabled={!task.may.edit} onChange={(event) => tick(item.text, event.target.checked)} />
                            <span className={item.done ? 'text-ink2' : ''}>{item.text}</span>
                        </label>
                    </li>
                ))}
            </ul>
        </>
    );
}

/** What will happen by itself, when, by which rule, and what would stop it. */
export function NextMoments({ moments }: { moments: NextMoment[] }) {
    const formats = useFormats();
    return (
        <ul>
            {moments.map((moment) => (
                <li key={`${moment.at} ${moment.rule?.id ?? ''}`} className="grid grid-cols-[130px_1fr] gap-3 border-t border-line py-1 first:border-0">
                    <span className="whitespace-nowrap tabular-nums">{formats.moment(moment.at)}</span>
                    <span>
                        {moment.rule === null ? moment.what : <strong className="font-medium">{moment.rule.name}</strong>}
                        <span className="text-ink2">
                            {moment.rule !== null && <>: {moment.what}</>}, {moment.unless}
                        </span>
                    </span>
                </li>
            ))}
        </ul>
    );
}
