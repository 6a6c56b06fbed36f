import { Head, router, useForm } from '@inertiajs/react';
import type { AbsenceLine, AbsencesPageProps } from '@props/AbsencesPage';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { AbsenceDialog } from '@/parts/AbsenceDialog';
import { PersonName } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

/** The groups in which absences stand, those to be decided first. */
const GROUPS: [string, AbsenceLine['state'][]][] = [
    ['asked', ['asked']],
    ['running', ['running']],
    ['coming', ['coming']],
    ['past', ['over', 'declined', 'cancelled']],
];

/** Approves or declines, with a word for whoever asked. */
function DecideDialog({ absence, approve, onClose }: { absence: AbsenceLine; approve: boolean; onClose: () => void }) {
    const form = useForm({ word: '' });
    const send = (): void => {
        form.transform((data) => ({ ...data, approve: approve ? 1 : 0 }) as unknown as typeof data);
        form.post(`/absences/${absence.id}/decide`, { preserveScroll: true, onSuccess: onClose });
    };
    const way = approve ? 'approve' : 'decline';
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={say(`absence.${way}_title`, { person: absence.person?.name ?? '' })} description={say(`absence.${way}_description`)}>
            <DialogForm busy={form.processing} send={say(`absence.${way}`)} look={approve ? 'main' : 'grave'} onLeave={onClose} onSend={send}>
                <Labelled label={say('absence.word')} hint={say('absence.word_hint')} wrong={form.errors.word}>
                    <input data-autofocus className="entry w-full" maxLength={255} value={form.data.word} onChange={(event) => form.setData('word', event.target.value)} />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}

function Line({ absence, onDecide }: { absence: AbsenceLine; onDecide: (approve: boolean) => void }) {
    const formats = useFormats();
    const told = [...(absence.kind === null ? [] : [say(`absence.kinds.${absence.kind}`)]), ...(absence.note === null ? [] : [absence.note])].join(': ');
    return (
        <li className="grid grid-cols-[minmax(150px,1fr)_minmax(170px,1fr)_minmax(170px,1.4fr)_250px] items-start gap-x-4 border-t border-line px-4 py-2 first:border-0">
            <span>{absence.person !== null && <PersonName {...absence.person} />}</span>
            <span>
                {absence.first !== null && absence.last !== null ? formats.days(absence.first, absence.last) : `${formats.moment(absence.from)} – ${formats.moment(absence.to)}`}
                {['declined', 'cancelled'].includes(absence.state) && <span className="ml-2 text-ink2">{say(`absence.states.${absence.state}`)}</span>}
            </span>
            <span className="min-w-0 text-ink2 [overflow-wrap:anywhere]">
                {told}
                {told !== '' && <br />}
                {absence.substitutes.length > 0 && say('absence.stands_in', { people: absence.substitutes.map((one) => one.name).join(', ') })}
                {absence.substitutes.length === 0 && absence.conflicts.length === 0 && say('absence.no_substitute')}
                {absence.conflicts.map((one) => (
                    <span key={one} className="block text-ochre">
                        {one}
                    </span>
                ))}
                {absence.word !== null && <span className="block">“{absence.word}”</span>}
            </span>
            <span className="flex justify-end gap-1">
                {absence.may.decide && (
                    <>
                        <Button onClick={() => onDecide(true)}>{say('absence.approve')}</Button>
                        <Button look="grave" onClick={() => onDecide(false)}>
                            {say('absence.decline')}
                        </Button>
                    </>
                )}
                {absence.may.end && (
                    <Button look="quiet" onClick={() => router.post(`/absences/${absence.id}/end`, {}, { preserveScroll: true })}>
                        {say(absence.state === 'running' ? 'absence.end_now' : 'absence.call_off')}
                    </Button>
                )}
            </span>
        </li>
    );
}

export default function Absences({ absences, people, kinds, self, leads }: AbsencesPageProps) {
    const [asking, setAsking] = useState(false);
    const [deciding, setDeciding] = useState<{ absence: AbsenceLine; approve: boolean } | null>(null);
    return (
        <div className="mx-auto my-6 max-w-5xl space-y-6 px-4">
            <Head title="Absences" />
            <header className="flex items-baseline justify-between">
                <h1 className="text-xl font-semibold">Absences</h1>
                {(leads || self !== null) && (
                    <Button look="main" onClick={() => setAsking(true)}>
                        {say(leads ? 'absence.enter' : 'absence.ask')}
                    </Button>
                )}
            </header>
            {GROUPS.map(([group, states]) => {
                const lines = absences.filter((one) => states.includes(one.state));
                if (group === 'past') lines.reverse();
                return (
                    <section key={group} aria-label={say(`absence.groups.${group}`)} className="box">
                        <h2 className="px-4 pt-3 pb-2 font-semibold">
                            {say(`absence.groups.${group}`)} <span className="font-normal text-ink2">{lines.length}</span>
                        </h2>
                        {lines.length === 0 ? (
                            <p className="px-4 pb-3 text-ink2">{say(`absence.none.${group}`)}</p>
                        ) : (
                            <ul>
                                {lines.map((absence) => (
                                    <Line key={absence.id} absence={absence} onDecide={(approve) => setDeciding({ absence, approve })} />
                                ))}
                            </ul>
                        )}
                    </section>
                );
            })}
            {asking && <AbsenceDialog people={people} kinds={kinds} self={self} leads={leads} onClose={() => setAsking(false)} />}
            {deciding !== null && <DecideDialog {...deciding} onClose={() => setDeciding(null)} />}
        </div>
    );
}
