import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

type Props = { guide: { slug: string; name: string; author: string | null }; kind?: string };

/** What is not right in a guide goes to whoever wrote it, as a task. */
export function NotRight({ guide, kind }: Props) {
    const [asking, setAsking] = useState(false);
    const [what, setWhat] = useState('');
    const [told, setTold] = useState<number | null>(null);
    const { busy, faults, send } = useSending();
    if (told !== null) {
        return (
            <p role="status" className="text-ink2">
                {say('guides.told', { number: told, author: guide.author ?? '' })}
            </p>
        );
    }
    return (
        <>
            <Button look="quiet" onClick={() => setAsking(true)}>
                {say('guides.not_right')}
            </Button>
            <Dialog open={asking} onOpenChange={setAsking} title={say('guides.not_right_in', { name: guide.name })}>
                <DialogForm
                    busy={busy}
                    send={say('guides.tell')}
                    onLeave={() => setAsking(false)}
                    onSend={() =>
                        void send(async () => {
                            const answer = await ask<{ number: number }>(
                                'POST',
                                `/guides/${guide.slug}/not-right`,
                                JSON.stringify({ what, ...(kind === undefined ? {} : { kind }) }),
                            );
                            setTold(answer.number);
                            setAsking(false);
                        })
                    }
                >
                    <Labelled label={say('guides.what')}>
                        <textarea
                            className="entry w-full"
                            rows={4}
                            maxLength={500}
                            value={what}
                            onChange={(event) => setWhat(event.target.value)}
                        />
                    </Labelled>
                    <FaultList faults={faults} />
                </DialogForm>
            </Dialog>
        </>
    );
}
