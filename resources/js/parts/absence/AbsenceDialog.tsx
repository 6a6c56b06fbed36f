import { useForm } from '@inertiajs/react';
import type { AbsenceLine, AbsencesPageProps } from '@props/Absences/AbsencesPage';
import { useState } from 'react';
import { unlessRefused } from '@/lib/refused';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { PersonChoice } from '@/parts/PersonChoice';
import { Labelled } from '@/ui/Labelled';
import { Substitutes, type Only } from './Substitutes';
import { When } from './AbsenceWhen';

export type Form = {
    person: string;
    days: boolean;
    first: string;
    last: string;
    from: string;
    to: string;
    kind: string;
    note: string;
    held: string;
    hand_back: string;
    substitutes: string[];
};

type Props = Pick<
    AbsencesPageProps,
    'people' | 'kinds' | 'heldPolicies' | 'handBackPolicies' | 'vocabulary' | 'self' | 'leads'
> & {
    /** that is changed; null: a new one */
    absence: AbsenceLine | null;
    onClose: () => void;
};

export type Set = (changes: Partial<Form>) => void;

/** A choice of one of a few, each with its words. */
function Choice({
    label,
    path,
    value,
    values,
    wrong,
    onChange,
}: {
    label: string;
    path: string;
    value: string;
    values: string[];
    wrong: string | undefined;
    onChange: (value: string) => void;
}) {
    return (
        <Labelled label={label} wrong={wrong}>
            <select className="entry w-full" value={value} onChange={(event) => onChange(event.target.value)}>
                {values.map((one) => (
                    <option key={one} value={one}>
                        {say(`${path}.${one}`)}
                    </option>
                ))}
            </select>
        </Labelled>
    );
}

function blank({ self, leads, kinds, heldPolicies, handBackPolicies }: Props): Form {
    return {
        person: leads ? '' : (self ?? ''),
        days: true,
        first: '',
        last: '',
        from: '',
        to: '',
        kind: kinds[0] ?? '',
        note: '',
        held: heldPolicies[0] ?? '',
        hand_back: handBackPolicies[0] ?? '',
        substitutes: [],
    };
}

function known(absence: AbsenceLine, toLocal: (iso: string) => string): Form {
    return {
        person: absence.person?.slug ?? '',
        days: absence.first !== null,
        first: absence.first ?? '',
        last: absence.last ?? '',
        from: toLocal(absence.from),
        to: toLocal(absence.to),
        kind: absence.kind ?? '',
        note: absence.note ?? '',
        held: absence.held,
        hand_back: absence.handBack,
        substitutes: absence.substitutes.map((one) => one.slug),
    };
}

function limitsOf(absence: AbsenceLine | null): Only {
    return Object.fromEntries(
        (absence?.substitutes ?? []).flatMap((one) => (one.only === null ? [] : [[one.slug, one.only]])),
    );
}

/** The words of the dialog, by what it is for. */
function way(absence: AbsenceLine | null, leads: boolean): string {
    if (absence !== null) return 'change';
    return leads ? 'enter' : 'ask';
}

/** Asks to be away, enters that somebody is, or changes what was asked for. */
export function AbsenceDialog(props: Props) {
    const { absence, people, kinds, heldPolicies, handBackPolicies, vocabulary, leads, onClose } = props;
    const formats = useFormats();
    const form = useForm<Form>(absence === null ? blank(props) : known(absence, formats.toLocal));
    const [only, setOnly] = useState<Only>(() => limitsOf(absence));
    const { data } = form;
    const errors = form.errors as Record<string, string | undefined>;
    const set: Set = (changes) => form.setData((now) => ({ ...now, ...changes }));
    const moment = (reading: string): string => (reading === '' ? '' : formats.fromLocal(reading));
    const send = (): void => {
        form.transform((now) => ({ ...now, from: moment(now.from), to: moment(now.to), only }) as unknown as Form);
        form.post(absence === null ? '/absences' : `/absences/${absence.id}`, {
            preserveScroll: true,
            onSuccess: unlessRefused(onClose),
        });
    };
    const words = way(absence, leads);
    const wrong =
        errors.substitutes ??
        Object.entries(errors).find(([name]) => name.startsWith('substitutes.') || name.startsWith('only.'))?.[1];
    return (
        <Dialog
            open
            wide
            onOpenChange={(open) => !open && onClose()}
            title={say(`absence.${words}`)}
            description={say(`absence.${words}_description`)}
        >
            <DialogForm busy={form.processing} send={say(`absence.${words}_send`)} onLeave={onClose} onSend={send}>
                {leads && absence === null && (
                    <Labelled label={say('absence.who')} wrong={errors.person}>
                        <PersonChoice
                            people={people}
                            value={data.person}
                            onChange={(person) =>
                                set({ person, substitutes: data.substitutes.filter((one) => one !== person) })
                            }
                        />
                    </Labelled>
                )}
                <When data={data} errors={errors} set={set} />
                <div className="grid gap-4 sm:grid-cols-2">
                    <Choice
                        label={say('absence.kind')}
                        path="absence.kinds"
                        value={data.kind}
                        values={kinds}
                        wrong={errors.kind}
                        onChange={(kind) => set({ kind })}
                    />
                    <Labelled label={say('absence.note')} hint={say('absence.note_hint')} wrong={errors.note}>
                        <input
                            className="entry w-full"
                            maxLength={255}
                            value={data.note}
                            onChange={(event) => set({ note: event.target.value })}
                        />
                    </Labelled>
                    <Choice
                        label={say('absence.held')}
                        path="absence.held_policies"
                        value={data.held}
                        values={heldPolicies}
                        wrong={errors.held}
                        onChange={(held) => set({ held })}
                    />
                    <Choice
                        label={say('absence.hand_back')}
                        path="absence.hand_back_policies"
                        value={data.hand_back}
                        values={handBackPolicies}
                        wrong={errors.hand_back}
                        onChange={(hand_back) => set({ hand_back })}
                    />
                </div>
                <Substitutes
                    person={data.person}
                    chosen={data.substitutes}
                    only={only}
                    people={people}
                    vocabulary={vocabulary}
                    wrong={wrong}
                    onChange={(substitutes, limits) => {
                        set({ substitutes });
                        setOnly(limits);
                    }}
                />
            </DialogForm>
        </Dialog>
    );
}
