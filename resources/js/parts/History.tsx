import { unlessRefused } from '@/lib/refused';
import { usePeople } from '@/lib/usePeople';
import { useForm } from '@inertiajs/react';
import type { HistoryEntry, HistoryPage } from '@props/Tasks/TaskHistory';
import type { TaskView, Trail } from '@props/Tasks/TaskView';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { Effects, ReasonTrail } from './ReasonTrail';

function Decision({ taskId, decision }: { taskId: string; decision: NonNullable<HistoryEntry['decision']> }) {
    const [trail, setTrail] = useState<Trail | null>(null);
    const open = (): void => void ask<Trail>('GET', `/tasks/${taskId}/decisions/${decision.id}`).then(setTrail);
    return (
        <div className="mt-1 border-s-2 border-pine ps-3">
            <p>
                {decision.rule === null ? (
                    <span className="text-ink2">{say('screen.history.rules')}</span>
                ) : (
                    <strong className="font-medium">{decision.rule}</strong>
                )}{' '}
                <span className="text-ink2">{decision.summary}</span>{' '}
                <Button look="quiet" className="min-h-5 py-0" onClick={open}>
                    {say('screen.history.why')}
                </Button>
            </p>
            {decision.late !== null && <p className="text-xs text-ochre">{decision.late}</p>}
            <div className="text-ink2">
                <Effects effects={decision.effects} by={decision.rule} />
            </div>
            {trail !== null && (
                <Dialog
                    open
                    onOpenChange={(still) => !still && setTrail(null)}
                    title={say('screen.history.why_it_was_decided')}
                    wide
                >
                    <ReasonTrail trail={trail} />
                </Dialog>
            )}
        </div>
    );
}

/** An entry with what rules made of it; what followed from that stands indented below. */
function Entry({ taskId, entry, nested = false }: { taskId: string; entry: HistoryEntry; nested?: boolean }) {
    const formats = useFormats();
    return (
        <li
            className={
                nested
                    ? 'mt-1 border-s border-line ps-3'
                    : 'grid grid-cols-[110px_1fr] gap-3 border-t border-line py-2 first:border-0'
            }
        >
            {!nested && (
                <span className="text-xs whitespace-nowrap text-ink2 tabular-nums">{formats.moment(entry.at)}</span>
            )}
            <div className="min-w-0">
                {!nested && (
                    <p>
                        {entry.said}
                        {entry.because !== null && <span className="text-ink2">, {entry.because}</span>}
                        {entry.reason !== null && <span className="text-ink2"> “{entry.reason}”</span>}
                    </p>
                )}
                {entry.comment !== null && (
                    <p className="my-1 border-s-2 border-sky ps-3 break-words whitespace-pre-wrap">{entry.comment}</p>
                )}
                {entry.changes.length > 0 && <p className="text-ink2">{entry.changes.join(' · ')}</p>}
                {entry.decision !== null && <Decision taskId={taskId} decision={entry.decision} />}
                {entry.follows.length > 0 && (
                    <ul className="ps-3">
                        {entry.follows.map((one) => (
                            <Entry key={one.id} taskId={taskId} entry={one} nested />
                        ))}
                    </ul>
                )}
            </div>
        </li>
    );
}

/** A word on the task, spoken to some of the house. */
function Say({ task }: { task: TaskView }) {
    const form = useForm<{ body: string; mentions: string[] }>({ body: '', mentions: [] });
    const people = usePeople(form.data.body !== '');
    const send = (): void =>
        form.post(`/tasks/${task.id}/comment`, { preserveScroll: true, onSuccess: unlessRefused(() => form.reset()) });
    return (
        <form
            className="mb-2 space-y-2"
            onSubmit={(event) => {
                event.preventDefault();
                send();
            }}
        >
            <textarea
                className="entry w-full"
                rows={2}
                maxLength={5000}
                aria-label={say('screen.history.say_something_on_this')}
                placeholder={say('screen.history.say_something_on_this')}
                value={form.data.body}
                onChange={(event) => form.setData('body', event.target.value)}
            />
            {[form.errors.body, form.errors.mentions].map(
                (wrong) =>
                    wrong !== undefined && (
                        <p key={wrong} className="text-xs text-brick">
                            {wrong}
                        </p>
                    ),
            )}
            {form.data.body !== '' && (
                <div className="flex flex-wrap items-center gap-2">
                    <span className="flex items-center gap-2 text-sm">
                        <span className="text-ink2">{say('history.speak_to')}</span>
                        <PersonChoice
                            key={form.data.mentions.length}
                            aria-label={say('history.speak_to')}
                            className="w-56"
                            people={people.filter((one) => !form.data.mentions.includes(one.value))}
                            value=""
                            onChange={(slug) => form.setData('mentions', [...form.data.mentions, slug])}
                        />
                    </span>
                    {form.data.mentions.map((slug) => (
                        <Button
                            key={slug}
                            look="quiet"
                            aria-label={say('history.speak_not_to', { person: slug })}
                            onClick={() =>
                                form.setData(
                                    'mentions',
                                    form.data.mentions.filter((one) => one !== slug),
                                )
                            }
                        >
                            {people.find((one) => one.value === slug)?.label ?? slug} ✕
                        </Button>
                    ))}
                    <Button type="submit" look="main" className="ms-auto" disabled={form.processing}>
                        {say('screen.history.say_it')}
                    </Button>
                </div>
            )}
        </form>
    );
}

/** All that has happened, the latest first and by pages, with a word to add. */
export function History({ task }: { task: TaskView }) {
    const [before, setBefore] = useState<HistoryPage & { of: string }>({ of: '', entries: [], earlier: null });
    const more =
        before.of === `${task.id} ${task.earlier}`
            ? before
            : { of: `${task.id} ${task.earlier}`, entries: [], earlier: task.earlier };
    const fetchMore = (): void =>
        void ask<HistoryPage>('GET', `/tasks/${task.id}/history?before=${more.earlier}`).then((page) =>
            setBefore({ of: more.of, entries: [...page.entries, ...more.entries], earlier: page.earlier }),
        );
    return (
        <>
            <Say task={task} />
            <ol aria-label={say('history.title')}>
                {[...more.entries, ...task.history].reverse().map((entry) => (
                    <Entry key={entry.id} taskId={task.id} entry={entry} />
                ))}
            </ol>
            {more.earlier !== null && (
                <Button look="quiet" onClick={fetchMore}>
                    {say('history.more')}
                </Button>
            )}
        </>
    );
}
