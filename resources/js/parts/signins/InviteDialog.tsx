import type { SignInLine } from '@props/Access/SignInsPage';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { ShownOnce } from './ShownOnce';
import { useSecret } from './useSecret';

/** Makes another link by which the owner of a sign-in chooses a password. */
export function InviteDialog({ signIn, onClose }: { signIn: SignInLine; onClose: () => void }) {
    const { secret, busy, wrong, make } = useSecret();
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('sign_ins.invite_title', { name: signIn.name })}
            description={say('sign_ins.invite_description')}
        >
            {secret !== null ? (
                <ShownOnce secret={secret} label={say('sign_ins.invite')} onClose={onClose} />
            ) : (
                <DialogForm
                    busy={busy}
                    send={say('sign_ins.invite_send')}
                    onLeave={onClose}
                    onSend={() => void make(`/sign-ins/${signIn.id}/invite`, {})}
                >
                    {wrong[''] !== undefined && <p className="text-brick">{wrong['']}</p>}
                </DialogForm>
            )}
        </Dialog>
    );
}
