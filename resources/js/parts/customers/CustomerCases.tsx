import type { CustomerWhole } from '@props/Customers/CustomersPage';
import { Link } from '@inertiajs/react';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';

/** The cases of a customer, past and open; nothing where there has never been one. */
export function CustomerCases({ customer }: { customer: CustomerWhole }) {
    const formats = useFormats();
    if (customer.cases.length === 0) return null;
    return (
        <section className="mt-5">
            <h3 className="mb-1 font-semibold">{say('case.title')}</h3>
            <ul>
                {customer.cases.map((one) => (
                    <li key={one.id} className="border-t border-line py-2">
                        <Link href={`/cases/${one.id}`} className="text-sky underline">
                            {one.number} {one.title}
                        </Link>
                        <p className="text-ink2">
                            {[
                                one.track,
                                one.outcome === null ? one.stage : say('case.closed_as', { outcome: one.outcome }),
                                one.owner?.name ?? say('case.nobody'),
                                formats.moment(one.openedAt),
                            ].join(' · ')}
                        </p>
                    </li>
                ))}
            </ul>
            <Link href={`/cases?customer=${customer.slug}&state=all`} className="text-sky underline">
                {say('case.all_of_customer')}
            </Link>
        </section>
    );
}
