import { useForm } from '@inertiajs/react';
import type { AbsencesPageProps } from '@props/AbsencesPage';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

type Form = { person: string; days: boolean; first: string; last: string; from: string; to: string; kind: string; note: string; substitutes: string[] };
type Props = Pick<AbsencesPageProps, 'people' | 'kinds' | 'self' | 'leads'> & { onClose: () => void };
type Set = (changes: Partial<Form>) => void;

/** From when until when: days, or moments. */
function When({ data, errors, set }: { data: Form; errors: Record<string, string | undefined>; set: Set }) {
    return (
        <>
            <label className="flex items-center gap-2">
                <input type="checkbox" checked={data.days} onChange={(event) => set({ days: event.target.checked })} />
                {say('absence.whole_days')}
            </label>
            <div className="grid gap-4 sm:grid-cols-2">
                {data.days ? (
                    <>
                        <Labelled label={say('absence.first')} wrong={errors.first}>
                            <input type="date" className="entry" value={data.first} onChange={(event) => set({ first: event.target.value, last: data.last === '' || data.last < event.target.value ? event.target.value : data.last })} />
                        </Labelled>
                        <Labelled label={say('absence.last')} wrong={errors.last}>
                            <input type="date" className="entry" value={data.last} onChange={(event) => set({ last: event.target.value })} />
                        </Labelled>
                    </>
                ) : (
                    <>
                        <Labelled label={say('absence.from')} wrong={errors.from}>
                            <input type="datetime-local" className="entry" value={data.from} onChange={(event) => set({ from: event.target.value })} />
                        </Labelled>
                        <Labelled label={say('absence.to')} wrong={errors.to}>
                            <input type="datetime-local" className="entry" value={data.to} onChange={(event) => set({ to: event.target.value })} />
                        </Labelled>
                    </>
                )}
            </div>
        </>
    );
}

/** Who stands in, in the order in which they are asked; an empty one at the end takes one more. */
function Substitutes({ data, people, wrong, set }: { data: Form; people: Props['people']; wrong: string | undefined; set: Set }) {
    return (
        <fieldset className="space-y-2">
            <legend className="font-medium">{say('absence.substitutes')}</legend>
            {[...data.substitutes, ''].map((chosen, place) => (
                <select
                    key={place}
                    className="entry w-full"
                    aria-label={say('absence.substitute', { place: String(place + 1) })}
                    value={chosen}
                    onChange={(event) => set({ substitutes: [...data.substitutes.slice(0, place), event.target.value, ...data.substitutes.slice(place + 1)].filter((one) => one !== '') })}
                >
                    <option value="">{say(place === 0 ? 'absence.nobody_named' : 'absence.nobody_else')}</option>
                    {people
                        .filter((one) => one.value === chosen || (one.value !== data.person && !data.substitutes.includes(one.value)))
                        .map((one) => (
                            <option key={one.value} value={one.value}>
                                {one.label}
                            </option>
                        ))}
                </select>
            ))}
            <p className={`text-xs ${wrong === undefined ? 'text-ink2' : 'text-brick'}`}>{wrong ?? say('absence.substitutes_hint')}</p>
        </fieldset>
    );
}

/** Asks to be away, or enters that somebody is. */
export function AbsenceDialog({ people, kinds, self, leads, onClose }: Props) {
    const formats = useFormats();
    const form = useForm<Form>({ person: leads ? '' : (self ?? ''), days: true, first: '', last: '', from: '', to: '', kind: kinds[0] ?? '', note: '', substitutes: [] });
    const errors = form.errors as Record<string, string | undefined>;
    const set: Set = (changes) => form.setData((data) => ({ ...data, ...changes }));
    const moment = (reading: string): string => (reading === '' ? '' : formats.fromLocal(reading));
    const send = (): void => {
        form.transform((data) => ({ ...data, from: moment(data.from), to: moment(data.to) }));
        form.post('/absences', { preserveScroll: true, onSuccess: onClose });
    };
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={say(leads ? 'absence.enter' : 'absence.ask')} description={say(leads ? 'absence.enter_description' : 'absence.ask_description')}>
            <DialogForm busy={form.processing} send={say(leads ? 'absence.enter_send' : 'absence.ask_send')} onLeave={onClose} onSend={send}>
                {leads && (
                    <Labelled label={say('absence.who')} wrong={errors.person}>
                        <select className="entry w-full" value={form.data.person} onChange={(event) => set({ person: event.target.value, substitutes: form.data.substitutes.filter((one) => one !== event.target.value) })}>
                            <option value="">{say('absence.choose_person')}</option>
                            {people.map((one) => (
                                <option key={one.value} value={one.value}>
                                    {one.label}
                                </option>
                            ))}
                        </select>
                    </Labelled>
                )}
                <When data={form.data} errors={errors} set={set} />
                <Labelled label={say('absence.kind')} wrong={errors.kind}>
                    <select className="entry w-full" value={form.data.kind} onChange={(event) => set({ kind: event.target.value })}>
                        {kinds.map((kind) => (
                            <option key={kind} value={kind}>
                                {say(`absence.kinds.${kind}`)}
                            </option>
                        ))}
                    </select>
                </Labelled>
                <Labelled label={say('absence.note')} hint={say('absence.note_hint')} wrong={errors.note}>
                    <input className="entry w-full" maxLength={255} value={form.data.note} onChange={(event) => set({ note: event.target.value })} />
                </Labelled>
                <Substitutes data={form.data} people={people} wrong={errors.substitutes ?? Object.entries(errors).find(([name]) => name.startsWith('substitutes.'))?.[1]} set={set} />
            </DialogForm>
        </Dialog>
    );
}
