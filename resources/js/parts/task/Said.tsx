import { useForm } from '@inertiajs/react';
import type { HistoryEntry } from '@props/Tasks/TaskHistory';
import { useFormats } from '@/lib/format';
import { keep, keptText, useKeptKey } from '@/lib/kept';
import { sendsOnCtrlEnter } from '@/lib/keys';
import { unlessRefused } from '@/lib/refused';
import { usePeople } from '@/lib/usePeople';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { PersonChoice } from '../PersonChoice';

/**
 * A word on a task or a case, spoken to some of the house.
 *
 * @param at its address
 */
export function Say({ id, at }: { id: string; at: string }) {
    const key = useKeptKey(`${id} said`);
    const form = useForm<{ body: string; mentions: string[] }>({ body: keptText(key), mentions: [] });
    const people = usePeople(form.data.body !== '');
    const send = (): void =>
        form.post(`${at}/comment`, {
            preserveScroll: true,
            onSuccess: unlessRefused(() => {
                keep(key, '');
                form.setData({ body: '', mentions: [] });
            }),
        });
    return (
        <form
            className="mb-2 space-y-2"
            onKeyDown={sendsOnCtrlEnter}
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
                onChange={(event) => {
                    keep(key, event.target.value);
                    form.setData('body', event.target.value);
                }}
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

const LATEST = 5;

/** What was said last, the latest first; earlier words stand in its history. */
export function Said({ entries }: { entries: HistoryEntry[] }) {
    const formats = useFormats();
    return (
        <ul aria-label={say('screen.task_panel.told')}>
            {entries
                .filter((one) => one.comment !== null)
                .slice(-LATEST)
                .reverse()
                .map((one) => (
                    <li key={one.id} className="border-t border-line py-1 first:border-0">
                        <p className="text-xs text-ink2">
                            {one.said}, {formats.moment(one.at)}
                        </p>
                        <p className="break-words whitespace-pre-wrap">{one.comment}</p>
                    </li>
                ))}
        </ul>
    );
}
