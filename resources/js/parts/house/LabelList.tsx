import type { Option } from '@props/Rules/Vocabulary';
import { useForm } from '@inertiajs/react';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

type Entry = Option & { key: string };

const entry = (one: Option): Entry => ({ ...one, key: one.value === '' ? crypto.randomUUID() : one.value });

function LabelRow({
    one,
    place,
    wrong,
    answers,
    onAnswer,
    onChange,
    onRemove,
}: {
    one: Entry;
    place: number;
    wrong: string | undefined;
    /** null: that is not asked */
    answers: boolean | null;
    onAnswer: () => void;
    onChange: (label: string) => void;
    onRemove: () => void;
}) {
    return (
        <li className="flex flex-wrap items-center gap-3">
            <input
                className="entry w-64"
                aria-label={say('label_list.label', { place: place + 1 })}
                aria-invalid={wrong !== undefined}
                maxLength={120}
                autoFocus={one.value === '' && one.label === ''}
                value={one.label}
                onChange={(event) => onChange(event.target.value)}
            />
            {answers !== null && (
                <label className="flex items-center gap-2">
                    <input type="radio" checked={answers} onChange={onAnswer} />
                    {say('label_list.answering')}
                </label>
            )}
            <Button look="quiet" aria-label={say('label_list.take_out', { label: one.label })} onClick={onRemove}>
                {say('people.take_out')}
            </Button>
            {wrong !== undefined && <p className="w-full text-xs text-brick">{wrong}</p>}
        </li>
    );
}

/** A list of what the house calls something: its words are typed, the codes that rules know them by are made. */
export function LabelList({
    list,
    labels,
    answering,
}: {
    /** which one: its words, its place on the page and where it is sent go by it */
    list: 'levels' | 'tiers';
    labels: Option[];
    /** the one that people answer for; undefined: that is not asked of this list */
    answering?: string | null;
}) {
    const form = useForm<{ labels: Entry[]; answering: string | null }>({
        labels: labels.map(entry),
        answering: answering ?? null,
    });
    const wrong = form.errors as Record<string, string | undefined>;
    const put = (next: Entry[]): void => form.setData('labels', next);
    const send = (): void => {
        form.transform((data) => {
            const at = data.labels.findIndex((one) => one.key === data.answering);
            const sent = data.labels.map(({ value, label }) => ({ value: value === '' ? null : value, label }));
            return { labels: sent, answering: at < 0 ? null : at } as unknown as typeof data;
        });
        form.put(`/house/${list}`, { preserveScroll: true, preserveState: 'errors' });
    };
    return (
        <section id={list} className="box p-5" aria-label={say(`${list}.title`)}>
            <h2 className="font-semibold">{say(`${list}.title`)}</h2>
            <p className="mb-3 text-ink2">{say(`${list}.note`)}</p>
            <form
                onSubmit={(event) => {
                    event.preventDefault();
                    send();
                }}
            >
                {form.data.labels.length === 0 && <p className="mb-2 text-ink2">{say(`${list}.nothing`)}</p>}
                <ol className="space-y-2">
                    {form.data.labels.map((one, place) => (
                        <LabelRow
                            key={one.key}
                            one={one}
                            place={place}
                            wrong={wrong[`labels.${place}.label`]}
                            answers={answering === undefined ? null : form.data.answering === one.key}
                            onAnswer={() => form.setData('answering', one.key)}
                            onChange={(label) =>
                                put(
                                    form.data.labels.map((other) =>
                                        other.key === one.key ? { ...other, label } : other,
                                    ),
                                )
                            }
                            onRemove={() => put(form.data.labels.filter((other) => other.key !== one.key))}
                        />
                    ))}
                </ol>
                {answering !== undefined && form.data.labels.length > 0 && (
                    <label className="mt-2 flex items-center gap-2">
                        <input
                            type="radio"
                            name={`answering-${list}`}
                            checked={form.data.answering === null}
                            onChange={() => form.setData('answering', null)}
                        />
                        {say('label_list.nobody')}
                    </label>
                )}
                <div className="mt-3 flex items-center gap-3">
                    <Button onClick={() => put([...form.data.labels, entry({ value: '', label: '' })])}>
                        {say(`${list}.add`)}
                    </Button>
                    <Button type="submit" look="main" disabled={form.processing || !form.isDirty}>
                        {say('label_list.save')}
                    </Button>
                </div>
            </form>
        </section>
    );
}
