import { router } from '@inertiajs/react';
import type { GiveLine } from '@props/Floor/FloorPage';
import type { PersonRef } from '@props/PersonRef';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { givenSaid, type Given } from '@/lib/floor';
import { refusals, type ManyAnswer } from '@/lib/manyTasks';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { GiveStrip } from './GiveStrip';

type Props = {
    given: Given[];
    to: PersonRef;
    line: GiveLine | undefined;
    onLeave: () => void;
    onDone: (done: number) => void;
};

/** Gives tasks to somebody, with a reason; what could not be given is told, and stays where it is. */
export function GiveDialog({ given, to, line, onLeave, onDone }: Props) {
    const [reason, setReason] = useState(say('give.reason_usual'));
    const [refused, setRefused] = useState<string[]>([]);
    const { busy, wrong, send } = useSending();
    const give = (): void =>
        void send(async () => {
            const answer = await ask<ManyAnswer>(
                'POST',
                '/floor/give',
                JSON.stringify({
                    tasks: given.map((one) => one.id),
                    revisions: given.map((one) => one.revision),
                    to: to.slug,
                    reason,
                }),
            );
            router.reload();
            if (answer.refused.length === 0) onDone(answer.done);
            else setRefused(refusals(answer));
        });
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onLeave()}
            title={say('give.title', { what: givenSaid(given), person: to.name })}
            description={say('give.means')}
        >
            <DialogForm
                busy={busy}
                send={say('give.give')}
                leave={refused.length > 0 ? say('screen.common.close') : say('screen.common.leave_it')}
                onLeave={onLeave}
                onSend={give}
            >
                <GiveStrip line={line} whole />
                <Labelled label={say('give.reason')} wrong={wrong['/reason']}>
                    <input
                        className="entry w-full"
                        maxLength={500}
                        value={reason}
                        onChange={(event) => setReason(event.target.value)}
                    />
                </Labelled>
                {refused.length > 0 && <FaultList faults={refused} />}
            </DialogForm>
        </Dialog>
    );
}
