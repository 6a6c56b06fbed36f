import type { HousePageProps, OnForm } from '@props/House/HousePage';
import { useForm } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';

type Labels = Record<string, string>;

/** What customers can ask for by themselves: which kinds and fields in which words, and whether they are offered. */
export function WebForm({ form: kept }: { form: HousePageProps['form'] }) {
    const labels = (rows: OnForm[]): Labels => Object.fromEntries(rows.map((one) => [one.id, one.onForm ?? '']));
    const form = useForm({
        lead: kept.lead ?? '',
        customers: kept.customers,
        kinds: labels(kept.kinds),
        fields: labels(kept.fields),
        tracks: Object.fromEntries(kept.kinds.map((one) => [one.id, one.track ?? ''])),
    });
    const wrong = form.errors as Record<string, string | undefined>;
    const list = (what: 'kinds' | 'fields') => (
        <fieldset className="space-y-1">
            <legend className="font-medium">{say(`web_form_house.${what}`)}</legend>
            {kept[what].length === 0 && <p className="text-ink2">{say(`web_form_house.no_${what}`)}</p>}
            {kept[what].map((one) => {
                const text = form.data[what][one.id] ?? '';
                const put = (next: string): void => form.setData(what, { ...form.data[what], [one.id]: next });
                return (
                    <Offered key={one.id} {...{ label: one.label, text, put, wrong: wrong[`${what}.${one.id}`] }}>
                        {what === 'kinds' && text !== '' && kept.tracks.length > 0 && (
                            <Opens
                                label={one.label}
                                tracks={kept.tracks}
                                value={form.data.tracks[one.id] ?? ''}
                                onChange={(track) => form.setData('tracks', { ...form.data.tracks, [one.id]: track })}
                            />
                        )}
                    </Offered>
                );
            })}
        </fieldset>
    );
    return (
        <section id="form" className="box p-5" aria-label={say('web_form_house.title')}>
            <header className="mb-2 flex items-baseline gap-3">
                <h2 className="font-semibold">{say('web_form_house.title')}</h2>
                <span className="min-w-0 flex-1 text-ink2">{say('web_form_house.note')}</span>
                <a href="/stand-ins/web-form" className="text-sky underline">
                    {say('web_form_house.look')}
                </a>
            </header>
            <form
                className="space-y-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.put('/house/form', { preserveScroll: true });
                }}
            >
                <Labelled
                    label={say('web_form_house.lead')}
                    hint={say('web_form_house.lead_usual', { words: kept.usualLead })}
                    wrong={wrong.lead}
                >
                    <input
                        className="entry w-full"
                        maxLength={200}
                        value={form.data.lead}
                        onChange={(event) => form.setData('lead', event.target.value)}
                    />
                </Labelled>
                <div className="grid gap-4 lg:grid-cols-[3fr_2fr]">
                    {list('kinds')}
                    {list('fields')}
                </div>
                <fieldset>
                    <legend className="font-medium">{say('web_form_house.customers')}</legend>
                    {(['offered', 'typed', 'none'] as const).map((one) => (
                        <label key={one} className="flex items-center gap-2 py-1">
                            <input
                                type="radio"
                                name="form-customers"
                                checked={form.data.customers === one}
                                onChange={() => form.setData('customers', one)}
                            />
                            {say(`web_form_house.customers_${one}`)}
                        </label>
                    ))}
                </fieldset>
                <Button type="submit" look="main" disabled={form.processing || !form.isDirty}>
                    {say('label_list.save')}
                </Button>
            </form>
        </section>
    );
}

type OfferedProps = {
    label: string;
    /** in the words of customers; empty: it is not offered */
    text: string;
    put: (text: string) => void;
    wrong: string | undefined;
    children: ReactNode;
};

/** A kind or a field: whether it is on the form, and in which words. */
function Offered({ label, text, put, wrong, children }: OfferedProps) {
    return (
        <div className="flex min-h-8 flex-wrap items-center gap-2">
            <label className="flex w-40 items-center gap-2">
                <input
                    type="checkbox"
                    checked={text !== ''}
                    onChange={(event) => put(event.target.checked ? label : '')}
                />
                {label}
            </label>
            {text !== '' && (
                <input
                    className="entry min-w-0 flex-1"
                    aria-label={say('web_form_house.words_of', { label })}
                    maxLength={120}
                    value={text}
                    onChange={(event) => put(event.target.value)}
                />
            )}
            {children}
            {wrong !== undefined && <p className="text-xs text-brick">{wrong}</p>}
        </div>
    );
}

type OpensProps = {
    label: string;
    tracks: HousePageProps['form']['tracks'];
    /** a track by slug; empty: a task alone */
    value: string;
    onChange: (track: string) => void;
};

/** Whether what is asked for opens a case, on which track. */
function Opens({ label, tracks, value, onChange }: OpensProps) {
    return (
        <select
            className="entry w-44"
            aria-label={say('web_form_house.opens', { label })}
            value={value}
            onChange={(event) => onChange(event.target.value)}
        >
            <option value="">{say('web_form_house.opens_task')}</option>
            {tracks.map((one) => (
                <option key={one.value} value={one.value}>
                    {say('web_form_house.opens_case', { track: one.label })}
                </option>
            ))}
        </select>
    );
}
