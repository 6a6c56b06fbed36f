import type { CustomersPageProps } from '@props/Customers/CustomersPage';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { CustomerForm, placeOfFault, type CustomerDocument } from './CustomerForm';

/** A new customer, and another one after it where somebody has several to enter. */
export function CustomerDialog({
    onClose,
    ...offered
}: Pick<CustomersPageProps, 'tiers' | 'fields' | 'people'> & { onClose: () => void }) {
    const [typed, setTyped] = useState<CustomerDocument>({});
    const [another, setAnother] = useState(false);
    const [made, setMade] = useState(0);
    const { busy, wrong, send } = useSending(placeOfFault);
    const save = (): void =>
        void send(async () => {
            const { slug } = await ask<{ slug: string }>('POST', '/customers', JSON.stringify({ name: '', ...typed }));
            if (another) {
                // Those of one place or sort are often entered one after another.
                setTyped({ tier: typed.tier ?? null, place: typed.place ?? null });
                setMade(made + 1);
                router.reload();
            } else router.visit(`/customers?customer=${slug}`, { onSuccess: onClose });
        });
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={say('customer.new')} wide>
            <DialogForm busy={busy} onLeave={onClose} onSend={save}>
                <CustomerForm key={made} customer={null} typed={typed} wrong={wrong} onType={setTyped} {...offered} />
                <label className="flex items-center gap-2">
                    <input type="checkbox" checked={another} onChange={(event) => setAnother(event.target.checked)} />
                    {say('customer.another')}
                </label>
                {made > 0 && <p role="status">{say('customer.made', { count: made })}</p>}
            </DialogForm>
        </Dialog>
    );
}
