import type { CustomerContact } from '@props/Customers/CustomersPage';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

const MEMBERS = ['name', 'role', 'email', 'phone'] as const;

/** The people of a customer whom the house speaks with; the first is the usual one. */
export function ContactsEditor({
    contacts,
    wrong,
    onChange,
}: {
    contacts: CustomerContact[];
    /** by pointer, such as /contacts/0/email */
    wrong: Record<string, string>;
    onChange: (contacts: CustomerContact[]) => void;
}) {
    const set = (at: number, changes: Partial<CustomerContact>): void =>
        onChange(contacts.map((one, place) => (place === at ? { ...one, ...changes } : one)));
    return (
        <fieldset className="space-y-2">
            <legend className="font-medium">{say('customer.contacts')}</legend>
            {contacts.map((one, at) => (
                <div key={at} className="space-y-1 border-s-2 border-line ps-3">
                    <div className="grid grid-cols-2 gap-2">
                        {MEMBERS.map((member) => (
                            <input
                                key={member}
                                className="entry w-full"
                                aria-label={say('customer.contact_member', {
                                    place: at + 1,
                                    member: say(`customer.contact_${member}`),
                                })}
                                aria-invalid={wrong[`/contacts/${at}/${member}`] !== undefined}
                                placeholder={say(`customer.contact_${member}`)}
                                maxLength={200}
                                value={one[member] ?? ''}
                                onChange={(event) => set(at, { [member]: event.target.value })}
                            />
                        ))}
                    </div>
                    <div className="flex items-center gap-2 text-ink2">
                        {at === 0 ? (
                            <span>{say('customer.usual')}</span>
                        ) : (
                            <Button
                                look="quiet"
                                onClick={() => onChange([one, ...contacts.filter((_, place) => place !== at)])}
                            >
                                {say('customer.make_usual')}
                            </Button>
                        )}
                        <Button
                            look="quiet"
                            aria-label={say('customer.take_contact_out', { place: at + 1 })}
                            onClick={() => onChange(contacts.filter((_, place) => place !== at))}
                        >
                            {say('people.take_out')}
                        </Button>
                    </div>
                    {[`/contacts/${at}`, ...MEMBERS.map((member) => `/contacts/${at}/${member}`)].map(
                        (pointer) =>
                            wrong[pointer] !== undefined && (
                                <p key={pointer} className="text-xs text-brick">
                                    {wrong[pointer]}
                                </p>
                            ),
                    )}
                </div>
            ))}
            <Button
                look="quiet"
                onClick={() => onChange([...contacts, { name: null, role: null, email: null, phone: null }])}
            >
                {say('customer.another_contact')}
            </Button>
        </fieldset>
    );
}
