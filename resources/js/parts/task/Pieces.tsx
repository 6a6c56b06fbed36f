import type { TaskFileLine, TaskFiles } from '@props/Tasks/TaskFiles';
import { ask } from '@/lib/ask';
import { router, useForm } from '@inertiajs/react';
import type { NextMoment } from '@props/Tasks/TaskHistory';
import type { TaskView } from '@props/Tasks/TaskView';
import { useRef, useState } from 'react';
import { useFormats } from '@/lib/format';
import { Button } from '@/ui/Button';
import { say } from '@/lib/words';

/** What is to be ticked. */
export function Checklist({ task }: { task: TaskView }) {
    const tick = (item: string, done: boolean): void =>
        router.post(`/tasks/${task.id}/tick`, { item, done }, { preserveScroll: true });
    const done = task.checklist.filter((item) => item.done).length;
    return (
        <>
            <p className="mb-1 text-xs text-ink2">
                {say('screen.task_parts.ticked', { done, count: task.checklist.length })}
            </p>
            <ul>
                {task.checklist.map((item) => (
                    <li key={item.text}>
                        <label className="flex items-start gap-2 py-0.5">
                            <input
                                type="checkbox"
                                className="mt-1"
                                checked={item.done}
                                disabled={!task.may.edit}
                                onChange={(event) => tick(item.text, event.target.checked)}
                            />
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
                <li
                    key={`${moment.at} ${moment.rule?.id ?? ''}`}
                    className="grid grid-cols-[130px_1fr] gap-3 border-t border-line py-1 first:border-0"
                >
                    <span className="whitespace-nowrap tabular-nums">{formats.moment(moment.at)}</span>
                    <span>
                        {moment.rule === null ? (
                            moment.what
                        ) : (
                            <strong className="font-medium">{moment.rule.name}</strong>
                        )}
                        <span className="text-ink2">
                            {moment.rule !== null && <>: {moment.what}</>}, {moment.unless}
                        </span>
                    </span>
                </li>
            ))}
        </ul>
    );
}

function size(bytes: number): string {
    return bytes < 1024 * 1024
        ? say('screen.task_parts.kilobytes', { size: Math.max(1, Math.round(bytes / 1024)) })
        : say('screen.task_parts.megabytes', { size: (bytes / 1024 / 1024).toFixed(1) });
}

/** The latest files, and earlier ones as they are asked for, as long as no newer one has come. */
function useFiles(
    at: string,
    latest: TaskFiles,
): { shown: TaskFileLine[]; earlier: string | null; fetchMore: () => void } {
    const of = `${at} ${latest.files[0]?.id ?? ''}`;
    const [more, setMore] = useState<TaskFiles & { of: string }>({ of: '', ...latest });
    const { files, earlier } = more.of === of ? more : latest;
    const fetchMore = (): void =>
        void ask<TaskFiles>('GET', `${at}/files?before=${earlier}`).then((page) =>
            setMore({ of, files: [...files, ...page.files], earlier: page.earlier }),
        );
    return { shown: files, earlier, fetchMore };
}

/**
 * Files on a task or a case, and one more.
 *
 * @param at its address
 */
export function Files({ at, files, mayAttach }: { at: string; files: TaskFiles; mayAttach: boolean }) {
    const formats = useFormats();
    const { shown, earlier, fetchMore } = useFiles(at, files);
    const entry = useRef<HTMLInputElement>(null);
    const camera = useRef<HTMLInputElement>(null);
    const form = useForm<{ file: File | null }>({ file: null });
    const send = (file: File): void => {
        form.transform(() => ({ file }));
        form.post(`${at}/files`, { preserveScroll: true, forceFormData: true });
    };
    return (
        <>
            {shown.length === 0 && <p className="text-ink2">{say('screen.task_parts.nothing_is_attached_yet')}</p>}
            <ul>
                {shown.map((file) => (
                    <li
                        key={file.id}
                        className="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1 first:border-0"
                    >
                        <a
                            className="min-w-0 flex-1 text-sky underline [overflow-wrap:anywhere]"
                            href={`${at}/files/${file.id}`}
                        >
                            {file.name}
                        </a>
                        <span className="text-xs text-ink2 tabular-nums">{size(file.size)}</span>
                        <span className="text-xs text-ink2">
                            {file.by}, {formats.moment(file.at)}
                        </span>
                    </li>
                ))}
            </ul>
            {earlier !== null && (
                <Button look="quiet" onClick={fetchMore}>
                    {say('screen.task_parts.earlier_files')}
                </Button>
            )}
            {mayAttach && (
                <p className="relative mt-2 flex items-center gap-3">
                    <input
                        ref={entry}
                        type="file"
                        className="sr-only"
                        aria-label={say('screen.task_parts.file_to_attach')}
                        tabIndex={-1}
                        onChange={(event) => {
                            const file = event.target.files?.[0];
                            if (file !== undefined) send(file);
                            event.target.value = '';
                        }}
                    />
                    <Button disabled={form.processing} onClick={() => entry.current?.click()}>
                        {say('screen.task_parts.attach_a_file')}
                    </Button>
                    <input
                        ref={camera}
                        type="file"
                        accept="image/*"
                        capture="environment"
                        className="sr-only"
                        aria-label={say('completion.photograph')}
                        tabIndex={-1}
                        onChange={(event) => {
                            const file = event.target.files?.[0];
                            if (file !== undefined) send(file);
                            event.target.value = '';
                        }}
                    />
                    <Button
                        className="pointer-fine:hidden"
                        disabled={form.processing}
                        onClick={() => camera.current?.click()}
                    >
                        {say('completion.photograph')}
                    </Button>
                    {form.progress !== null && (
                        <span className="text-ink2">{Math.round(form.progress.percentage ?? 0)} %</span>
                    )}
                    {form.errors.file !== undefined && (
                        <span role="alert" className="text-brick">
                            {form.errors.file}
                        </span>
                    )}
                </p>
            )}
        </>
    );
}
