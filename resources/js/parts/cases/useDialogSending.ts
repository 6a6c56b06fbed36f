import { router } from '@inertiajs/react';
import type { ProblemFault } from '@/lib/ask';
import { useSending } from '@/lib/useSending';

/** How a dialog sends what it is about; done, it closes and the page is as it is now. */
export function useDialogSending(onClose: () => void, placeOf: (fault: ProblemFault) => string) {
    const sending = useSending(placeOf);
    const send = (what: () => Promise<void>): void =>
        void sending.send(what).then((done) => {
            if (!done) return;
            onClose();
            router.reload();
        });
    return { ...sending, send };
}
