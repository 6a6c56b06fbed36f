import type { FoundCustomer } from '@props/Intake/NewTaskPage';
import { useCombobox } from 'downshift';
import { useState } from 'react';
import { useAsked } from '@/lib/useAsked';
import { say } from '@/lib/words';
import { Found } from '@/ui/Found';

/** Labelled gives it its id and what is said of it. */
type Props = { value: string; onChange: (slug: string) => void; id?: string };

/**
 * Finds a customer by a part of the name; arrow keys choose, Enter takes. Two of one name are told by where they are.
 */
export function CustomerFinder({ value, onChange, id, ...said }: Props) {
    const [text, setText] = useState('');
    const found =
        useAsked<{ customers: FoundCustomer[] }>(`/tasks/new/customers?q=${encodeURIComponent(text)}`).answer
            ?.customers ?? [];
    const box = useCombobox<FoundCustomer>({
        items: found,
        ...(id === undefined ? {} : { inputId: id }),
        inputValue: text,
        itemToString: (one) => one?.label ?? '',
        itemToKey: (one) => one?.value,
        selectedItem: null,
        onSelectedItemChange: ({ selectedItem }) => {
            if (selectedItem === null) return;
            setText(selectedItem.label);
            onChange(selectedItem.value);
        },
    });
    return (
        <div className="relative">
            <input
                {...said}
                {...box.getInputProps({
                    onChange: (event) => {
                        setText(event.currentTarget.value);
                        // What is typed and not chosen goes along as it is, so that it is refused wherever it is asked
                        // about.
                        onChange(event.currentTarget.value);
                    },
                })}
                className="entry w-full"
                placeholder={say('customer.find')}
            />
            <Found
                box={box}
                items={found}
                keyOf={(one) => one.value}
                label={say('customer.found')}
                none={say('customer.none_found')}
                render={(one) => (
                    <span>
                        {one.label}
                        {one.place !== null && <span className="block text-xs text-ink2">{one.place}</span>}
                    </span>
                )}
            />
            {text !== '' && value === text && !box.isOpen && (
                <span className="text-xs text-ochre">{say('customer.choose')}</span>
            )}
        </div>
    );
}
