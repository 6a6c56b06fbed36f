import { unlessRefused } from '@/lib/refused';
import { DayEntry } from '@/ui/DayEntry';
import { useForm } from '@inertiajs/react';
import type { IllToday } from '@props/Absences/IllToday';
import { useEffect, useState } from 'react';
import { ask } from '@/lib/ask';
import { duration, useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { PersonName } from '../PersonMark';

/** What becomes of their work for that time. */
function Consequence({ plan }: { plan: IllToday }) {
    const formats = useFormats();
    if (!plan.works)
        return <p>{say('absence.ill_nothing', { next: plan.next === null ? 'none' : formats.moment(plan.next) })}</p>;
    return (
        <>
            <p>
                {say('absence.ill_means', {
                    span: duration(plan.minutes),
                    tasks: plan.passes.reduce((sum, one) => sum + one.tasks, 0),
                })}
            </p>
            <ul>
                {plan.passes.map(({ person, tasks }) => (
                    <li key={person.slug} className="flex items-center gap-2 py-0.5">
                        <PersonName {...person} />{' '}
                        <span className="text-ink2">{say('absence.ill_gets', { tasks })}</span>
                    </li>
                ))}
            </ul>
            {plan.gaps > 0 && (
                <p className="font-semibold text-brick">{say('absence.ill_gaps', { tasks: plan.gaps })}</p>
            )}
        </>
    );
}

/** Says what it means that somebody is ill today, and until when it is so. */
export function IllDialog({ slug, name, onClose }: { slug: string; name: string; onClose: () => void }) {
    const form = useForm({ until: '' });
    const [plan, setPlan] = useState<IllToday | null>(null);
    const until = form.data.until;
    useEffect(() => {
        let still = true;
        ask<IllToday>('GET', `/people/${slug}/ill${until === '' ? '' : `?until=${until}`}`)
            .then((found) => still && setPlan(found))
            .catch(() => still && setPlan(null));
        return () => {
            still = false;
        };
    }, [slug, until]);
    const send = (): void =>
        form.post(`/people/${slug}/ill`, { preserveScroll: true, onSuccess: unlessRefused(onClose) });
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={say('absence.ill_title', { person: name })}>
            <DialogForm busy={form.processing} send={say('absence.ill_send')} onLeave={onClose} onSend={send}>
                <div aria-live="polite" className="min-h-16">
                    {plan === null ? (
                        <p className="text-ink2">{say('absence.ill_asks')}</p>
                    ) : (
                        <Consequence plan={plan} />
                    )}
                </div>
                <Labelled
                    label={say('absence.ill_until')}
                    hint={say('absence.ill_until_hint')}
                    wrong={form.errors.until}
                >
                    <DayEntry value={until} onChange={(day) => form.setData('until', day)} />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}
