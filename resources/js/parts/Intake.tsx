import { unlessRefused } from '@/lib/refused';
import { MomentEntry } from '@/ui/MomentEntry';
import { router, useForm } from '@inertiajs/react';
import type { IntakeState } from '@props/IntakeState';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { IllDialog } from './absence/IllDialog';

/** Asks until when and why no new work is to come to somebody. */
function PauseDialog({ intake, own, onClose }: { intake: IntakeState; own: boolean; onClose: () => void }) {
    const formats = useFormats();
    const form = useForm({ until: '', reason: '' });
    const send = (): void => {
        form.transform((data) => ({ ...data, until: data.until === '' ? '' : formats.fromLocal(data.until) }));
        form.post(`/people/${intake.slug}/pause`, { preserveScroll: true, onSuccess: unlessRefused(onClose) });
    };
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={own ? say('intake.title_own') : say('intake.title', { person: intake.name })}
            description={say('intake.description')}
        >
            <DialogForm busy={form.processing} send={say('intake.pause')} onLeave={onClose} onSend={send}>
                <Labelled label={say('screen.common.until')} hint={say('intake.until_hint')} wrong={form.errors.until}>
                    <MomentEntry value={form.data.until} onChange={(day) => form.setData('until', day)} />
                </Labelled>
                <Labelled label={say('screen.intake.why')} hint={say('intake.reason_hint')} wrong={form.errors.reason}>
                    <input
                        className="entry w-full"
                        maxLength={200}
                        value={form.data.reason}
                        onChange={(event) => form.setData('reason', event.target.value)}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}

/** Whether new work comes to somebody, until when it does not and why; and the way to change it. */
export function Intake({ intake, own }: { intake: IntakeState; own: boolean }) {
    const formats = useFormats();
    const [asking, setAsking] = useState(false);
    const [ill, setIll] = useState(false);
    const state = intake.paused
        ? say(intake.until === null ? 'intake.paused_for_now' : 'intake.paused_until', {
              moment: intake.until === null ? '' : formats.moment(intake.until),
          })
        : say('intake.open');
    return (
        <div className="flex flex-wrap items-baseline gap-x-3 px-3 py-2 text-sm">
            <p className={`min-w-0 flex-1 ${intake.paused ? 'text-ochre' : 'text-ink2'}`}>
                {state}
                {intake.reason !== null && <span className="text-ink2">: {intake.reason}</span>}
            </p>
            {intake.may &&
                (intake.paused ? (
                    <Button
                        look="quiet"
                        onClick={() => router.post(`/people/${intake.slug}/resume`, {}, { preserveScroll: true })}
                    >
                        {say('intake.resume')}
                    </Button>
                ) : (
                    <Button look="quiet" onClick={() => setAsking(true)}>
                        {say('intake.pause')}
                    </Button>
                ))}
            {intake.mayEnterIll && (
                <Button look="quiet" onClick={() => setIll(true)}>
                    {say('absence.ill_today')}
                </Button>
            )}
            {ill && <IllDialog slug={intake.slug} name={intake.name} onClose={() => setIll(false)} />}
            {asking && <PauseDialog intake={intake} own={own} onClose={() => setAsking(false)} />}
        </div>
    );
}
