import { router } from '@inertiajs/react';
import type { SweepProgress, SweepRunPageProps } from '@props/Sweeps/SweepRunPage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';

type Props = {
    run: SweepRunPageProps['run'];
    progress: SweepProgress;
    /** tasks that would be changed */
    count: number;
    busy: boolean;
    onAnew: () => void;
};

/** How far it is, and what can be done with it now. */
export function Steering({ run, progress, count, busy, onAnew }: Props) {
    const [undoing, setUndoing] = useState(false);
    const { state, underWay, done, total } = progress;
    const go = (what: 'carry-out' | 'stop' | 'undo'): void =>
        router.post(`/rulebook/sweep-runs/${run.id}/${what}`, {}, { preserveScroll: true, preserveState: true });
    return (
        <div className="flex shrink-0 items-center gap-2" role="status">
            {underWay && (
                <>
                    <progress className="w-40 accent-pine" max={total} value={done} aria-label={run.name} />
                    <span className="tabular-nums">{say('screen.sweeps.progress', { done, total })}</span>
                    <Button onClick={() => go('stop')}>{say('screen.sweeps.stop')}</Button>
                </>
            )}
            {!underWay && run.canLookAnew && <Button onClick={onAnew}>{say('screen.sweeps.look_anew')}</Button>}
            {progress.mayUndo && <Button onClick={() => setUndoing(true)}>{say('screen.sweeps.undo')}</Button>}
            {progress.mayGoOn && (
                <Button look="main" onClick={() => go('carry-out')}>
                    {say('screen.sweeps.go_on')}
                </Button>
            )}
            {state === 'looked' && (
                <Button look="main" disabled={busy || count === 0 || run.isStale} onClick={() => go('carry-out')}>
                    {say('screen.sweeps.carry_out', { count })}
                </Button>
            )}
            <Dialog
                open={undoing}
                onOpenChange={setUndoing}
                title={say('screen.sweeps.undo_title', { name: run.name })}
                description={say('screen.sweeps.undo_means')}
            >
                <DialogForm
                    send={say('screen.sweeps.undo')}
                    onLeave={() => setUndoing(false)}
                    onSend={() => {
                        setUndoing(false);
                        go('undo');
                    }}
                >
                    {null}
                </DialogForm>
            </Dialog>
        </div>
    );
}
