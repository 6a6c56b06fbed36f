import type { CustomerWhole } from '@props/Customers/CustomersPage';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { CustomerFinder } from '@/parts/Finder';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

/** Puts one record of a customer into another one. */
export function MergeDialog({ customer, onClose }: { customer: CustomerWhole; onClose: () => void }) {
    const [into, setInto] = useState('');
    const { busy, wrong, send } = useSending();
    const merge = (): void =>
        void send(async () => {
            const { slug } = await ask<{ slug: string }>(
                'POST',
                `/customers/${customer.id}/merge`,
                JSON.stringify({ into }),
            );
            router.visit(`/customers?customer=${slug}`, { onSuccess: onClose });
        });
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('customer.merge_title', { customer: customer.name })}
            description={say('customer.merge_note', { customer: customer.name })}
        >
            <DialogForm busy={busy} send={say('customer.merge')} onLeave={onClose} onSend={merge}>
                <Labelled label={say('customer.merge_into')} wrong={wrong['/into'] ?? wrong['']}>
                    <CustomerFinder value={into} onChange={setInto} />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}
