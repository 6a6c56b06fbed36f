import type { CustomerWhole } from '@props/Customers/CustomersPage';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { History } from '@/parts/History';
import { PersonName } from '@/parts/PersonMark';

/** Who looked after it when, and all that has happened to it. */
export function CustomerPast({ customer }: { customer: CustomerWhole }) {
    const formats = useFormats();
    return (
        <>
            {customer.owners.length > 0 && (
                <section aria-label={say('customer.owners')}>
                    <h3 className="mt-5 mb-1 font-semibold">{say('customer.owners')}</h3>
                    <ul className="space-y-1">
                        {customer.owners.map((one) => (
                            <li key={`${one.person.slug} ${one.from ?? ''}`} className="flex flex-wrap gap-x-3">
                                <PersonName {...one.person} />
                                <span className="text-ink2">
                                    {say('customer.owned', {
                                        from: one.from === null ? 'none' : formats.moment(one.from),
                                        until: one.until === null ? 'none' : formats.moment(one.until),
                                    })}
                                </span>
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            <section aria-label={say('history.title')}>
                <h3 className="mt-5 mb-1 font-semibold">{say('history.title')}</h3>
                <History of={`/customers/${customer.id}`} latest={customer.history} />
            </section>
        </>
    );
}
