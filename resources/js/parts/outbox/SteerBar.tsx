import { router } from '@inertiajs/react';
import type { WholeMessage } from '@props/Messages/OutboxPage';
import { useState } from 'react';
import { addDays } from '@/lib/days';
import { useFormats, useToday } from '@/lib/format';
import { steer, type Steered } from '@/lib/messages';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { MomentEntry } from '@/ui/MomentEntry';

const ALL = { release: true, hold: true, drop: true };

type Props = {
    ids: number[];
    /** what may be done; of several, all is offered, and what can't be done is told */
    may?: Pick<WholeMessage['may'], 'release' | 'hold' | 'drop'>;
    onEdit?: (() => void) | undefined;
    onDone?: () => void;
};

/** What is done with messages. */
export function SteerBar({ ids, may = ALL, onEdit, onDone }: Props) {
    const [asking, setAsking] = useState(false);
    const [refused, setRefused] = useState<Steered['refused']>([]);
    const { busy, faults, send } = useSending();
    const act = (what: Parameters<typeof steer>[0], at?: string): void =>
        void send(async () => {
            const told = await steer(what, ids, at);
            setAsking(false);
            setRefused(told.refused);
            router.reload();
            if (told.refused.length === 0) onDone?.();
        });
    return (
        <>
            <div className="flex flex-wrap items-center gap-2 py-1">
                {may.release && (
                    <Button look="main" disabled={busy} onClick={() => act('release')}>
                        {say('outbox.send')}
                    </Button>
                )}
                {onEdit !== undefined && <Button onClick={onEdit}>{say('outbox.edit')}</Button>}
                {(may.release || may.hold) && (
                    <Button disabled={busy} onClick={() => setAsking(true)}>
                        {say('outbox.postpone')}
                    </Button>
                )}
                {may.hold && (
                    <Button disabled={busy} onClick={() => act('hold')}>
                        {say('outbox.hold')}
                    </Button>
                )}
                {may.drop && (
                    <Button look="grave" disabled={busy} onClick={() => act('drop')}>
                        {say('outbox.drop')}
                    </Button>
                )}
            </div>
            <FaultList faults={[...faults, ...refused.map((one) => `${one.to}: ${one.said}`)]} />
            {asking && <NotBefore busy={busy} onLeave={() => setAsking(false)} onSend={(at) => act('postpone', at)} />}
        </>
    );
}

/** Asks from when on messages may go. */
function NotBefore({ busy, onLeave, onSend }: { busy: boolean; onLeave: () => void; onSend: (at: string) => void }) {
    const formats = useFormats();
    const [at, setAt] = useState(`${addDays(useToday(), 1)}T09:00`);
    return (
        <Dialog open onOpenChange={(open) => !open && onLeave()} title={say('outbox.postpone')}>
            <DialogForm busy={busy} onLeave={onLeave} onSend={() => onSend(at === '' ? '' : formats.fromLocal(at))}>
                <Labelled label={say('screen.task_panel.from')}>
                    <MomentEntry value={at} onChange={setAt} />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}
