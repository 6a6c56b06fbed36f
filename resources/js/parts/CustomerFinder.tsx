import type { FoundCustomer } from '@props/Intake/NewTaskPage';
import { useCombobox } from 'downshift';
import { useState } from 'react';
import { useAsked } from '@/lib/useAsked';
import { say } from '@/lib/words';

/** Labelled gives it its id and what is said of it. */
type Props = { value: string; onChange: (slug: string) => void; id?: string };

/** Finds a customer by a part of the name; arrow keys choose, Enter takes. Two of one name are told by where they are. */
export function CustomerFinder({ value, onChange, id, ...said }: Props) {
    const [text, setText] = useState('');
    const found = useAsked<{ customers: FoundCustomer[] }>(`/tasks/new/customers?q=${encodeURIComponent(text)}`).answer?.customers ?? [];
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
                        // What is typed and not chosen goes along as it is, so that it is refused wherever it is asked about.
                        onChange(event.currentTarget.value);
                    },
                })}
                className="entry w-full"
                placeholder={say('customer.find')}
            />
            <ul {...box.getMenuProps({ 'aria-label': say('customer.found') })} className={box.isOpen ? 'box absolute left-0 z-40 mt-1 max-h-72 w-full overflow-auto p-1' : 'hidden'}>
                {box.isOpen && found.length === 0 && <li className="px-3 py-2 text-ink2">{say('customer.none_found')}</li>}
                {box.isOpen &&
                    found.map((one, index) => (
                        <li key={one.value} {...box.getItemProps({ item: one, index })} className={`cursor-pointer rounded px-3 py-1 ${index === box.highlightedIndex ? 'bg-pine-wash' : ''}`}>
                            {one.label}
                            {one.place !== null && <span className="block text-xs text-ink2">{one.place}</span>}
                        </li>
                    ))}
            </ul>
            {text !== '' && value === text && !box.isOpen && <span className="text-xs text-ochre">{say('customer.choose')}</span>}
        </div>
    );
}
