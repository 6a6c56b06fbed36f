import type { CustomerContact, CustomerWhole, CustomersPageProps } from '@props/Customers/CustomersPage';
import type { EntryValue } from '@props/Intake/NewTaskPage';
import { say } from '@/lib/words';
import { FieldEntry } from '@/parts/FieldEntry';
import { PlaceFinder } from '@/parts/Finder';
import { Labelled } from '@/ui/Labelled';
import { ContactsEditor } from './ContactsEditor';

/** What is said of a customer, as it is sent: what is left out stays as it is. */
export type CustomerDocument = {
    name?: string;
    tier?: string | null;
    place?: string | null;
    on_form?: boolean;
    tags?: string[];
    contacts?: CustomerContact[];
    set?: Record<string, EntryValue>;
};

/** Where a fault of an answer stands on the form. */
export function placeOfFault(fault: { pointer: string }): string {
    return fault.pointer.replace(/^\/document/, '').replace('/set/', '');
}

/** The entries of a customer; what is there shows until something else is typed. */
export function CustomerForm({
    customer,
    typed,
    tiers,
    fields,
    people,
    wrong,
    onType,
}: Pick<CustomersPageProps, 'tiers' | 'fields' | 'people'> & {
    /** null: a new one */
    customer: CustomerWhole | null;
    typed: CustomerDocument;
    wrong: Record<string, string>;
    onType: (typed: CustomerDocument) => void;
}) {
    const put = (changes: CustomerDocument): void => onType({ ...typed, ...changes });
    return (
        <>
            <Labelled label={say('screen.common.name')} wrong={wrong['/name'] ?? (wrong[''] || undefined)}>
                <input
                    className="entry w-full"
                    maxLength={200}
                    value={typed.name ?? customer?.name ?? ''}
                    onChange={(event) => put({ name: event.target.value })}
                />
            </Labelled>
            <div className="grid grid-cols-2 gap-4">
                {tiers.length > 0 && (
                    <Labelled label={say('customer.tier')} wrong={wrong['/tier']}>
                        <select
                            className="entry w-full"
                            value={(typed.tier === undefined ? customer?.tierCode : typed.tier) ?? ''}
                            onChange={(event) => put({ tier: event.target.value === '' ? null : event.target.value })}
                        >
                            <option value="">{say('customer.no_tier')}</option>
                            {tiers.map((one) => (
                                <option key={one.value} value={one.value}>
                                    {one.label}
                                </option>
                            ))}
                        </select>
                    </Labelled>
                )}
                <Labelled label={say('screen.customers.place')} wrong={wrong['/place']}>
                    <PlaceFinder
                        value={(typed.place === undefined ? customer?.at?.value : typed.place) ?? ''}
                        label={customer?.at?.label ?? ''}
                        onChange={(slug) => put({ place: slug === '' ? null : slug })}
                    />
                </Labelled>
            </div>
            {fields.map((field) => (
                <FieldEntry
                    key={field.path}
                    field={field}
                    people={people}
                    value={
                        typed.set !== undefined && field.path in typed.set
                            ? (typed.set[field.path] ?? null)
                            : (customer?.values[field.path] ?? null)
                    }
                    wrong={wrong[field.path]}
                    onChange={(value) => put({ set: { ...typed.set, [field.path]: value } })}
                />
            ))}
            <FieldEntry
                field={{ path: 'tags', label: say('customer.tags'), type: 'tags', options: [] }}
                people={people}
                value={typed.tags ?? customer?.tags ?? []}
                wrong={wrong['/tags']}
                onChange={(tags) => put({ tags: Array.isArray(tags) ? tags : [] })}
            />
            <ContactsEditor
                contacts={typed.contacts ?? customer?.contacts ?? []}
                wrong={wrong}
                onChange={(contacts) => put({ contacts })}
            />
            <label className="flex items-center gap-2">
                <input
                    type="checkbox"
                    checked={typed.on_form ?? customer?.onForm ?? false}
                    onChange={(event) => put({ on_form: event.target.checked })}
                />
                {say('screen.customers.on_form')}
            </label>
        </>
    );
}
