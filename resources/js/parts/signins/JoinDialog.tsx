import type { SignInLine, SignInsPageProps } from '@props/Access/SignInsPage';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

/** Says whose a sign-in is: whoever has its address stands first. */
export function JoinDialog({
    signIn,
    people,
    onClose,
}: Pick<SignInsPageProps, 'people'> & { signIn: SignInLine; onClose: () => void }) {
    const likely = people.find((one) => one.email?.toLowerCase() === signIn.email);
    const [person, setPerson] = useState(likely?.value ?? '');
    const { busy, wrong, send } = useSending();
    const join = (): void =>
        void send(async () => {
            const body = JSON.stringify({ person: person === '' ? null : person });
            await ask('PUT', `/sign-ins/${signIn.id}/person`, body);
            router.reload();
            onClose();
        });
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('sign_ins.join_title', { email: signIn.email })}
            description={say('sign_ins.join_note')}
        >
            <DialogForm busy={busy} onLeave={onClose} onSend={join}>
                <Labelled label={say('sign_ins.person')} wrong={wrong['/person'] ?? wrong['']}>
                    <PersonChoice
                        people={people}
                        first={[{ value: '', label: say('sign_ins.nobody') }]}
                        value={person}
                        onChange={setPerson}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}
