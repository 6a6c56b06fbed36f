import { useForm } from '@inertiajs/react';
import { unlessRefused } from '@/lib/refused';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

export type Correction =
    { act: 'skipped' | 'put_back'; person: string; name: string } | { act: 'begun_anew'; person: null; name: string };

const LONGEST = 500;

function wordsOf({ act, name }: Correction): { title: string; means: string; deed: string } {
    switch (act) {
        case 'skipped':
            return {
                title: say('screen.rotations.skip_of', { person: name }),
                means: say('screen.rotations.skip_means', { person: name }),
                deed: say('screen.rotations.skip'),
            };
        case 'put_back':
            return {
                title: say('screen.rotations.put_back_of', { person: name }),
                means: say('screen.rotations.put_back_means', { person: name }),
                deed: say('screen.rotations.put_back'),
            };
        case 'begun_anew':
            return {
                title: say('screen.rotations.anew_of', { name }),
                means: say('screen.rotations.anew_means'),
                deed: say('screen.rotations.begin'),
            };
    }
}

/** What the correction means, why, then the deed. */
export function CorrectDialog({
    rotation,
    correction,
    onClose,
}: {
    rotation: string;
    correction: Correction;
    onClose: () => void;
}) {
    const form = useForm({ reason: '' });
    const { title, means, deed } = wordsOf(correction);
    return (
        <Dialog open onOpenChange={(open) => (open ? undefined : onClose())} title={title} description={means}>
            <DialogForm
                busy={form.processing}
                send={deed}
                onLeave={onClose}
                onSend={() => {
                    const { act, person } = correction;
                    form.transform((data) => ({ ...data, rotation, act, person }));
                    form.post('/rulebook/rotations', { preserveScroll: true, onSuccess: unlessRefused(onClose) });
                }}
            >
                <Labelled
                    label={say('screen.rotations.reason')}
                    hint={say('screen.rotations.reason_hint')}
                    wrong={form.errors.reason}
                >
                    <input
                        className="entry w-full"
                        maxLength={LONGEST}
                        value={form.data.reason}
                        onChange={(event) => form.setData('reason', event.target.value)}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}
