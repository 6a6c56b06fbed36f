import type { FoundOption } from '@props/Intake/NewTaskPage';
import { useCombobox } from 'downshift';
import { useState } from 'react';
import { useAsked } from '@/lib/useAsked';
import { say } from '@/lib/words';
import { Found } from '@/ui/Found';

export type FinderProps = {
    /** id; what is typed and not chosen goes along as it is, so that it is refused wherever it is asked about */
    value: string;
    /** what is chosen, in words, to begin with */
    label?: string;
    onChange: (id: string, label: string) => void;
    /** Labelled gives it its id and what is said of it. */
    id?: string;
    'aria-label'?: string;
    placeholder?: string;
};

/**
 * Finds one of many by a part of the name, of the server; arrow keys choose, Enter takes. Two of one name are told by
 * where they are.
 *
 * @param words the path of what is said: find, found, none_found, choose
 */
export function Finder({
    url,
    words,
    value,
    label = '',
    onChange,
    id,
    'aria-label': named,
    placeholder,
    ...said
}: FinderProps & { url: string; words: string }) {
    const [text, setText] = useState(label);
    const found = useAsked<{ found: FoundOption[] }>(`${url}?q=${encodeURIComponent(text)}`).answer?.found ?? [];
    const box = useCombobox<FoundOption>({
        items: found,
        ...(id === undefined ? {} : { inputId: id }),
        inputValue: text,
        itemToString: (one) => one?.label ?? '',
        itemToKey: (one) => one?.value,
        selectedItem: null,
        onSelectedItemChange: ({ selectedItem }) => {
            if (selectedItem === null) return;
            setText(selectedItem.label);
            onChange(selectedItem.value, selectedItem.label);
        },
    });
    return (
        <div className="relative">
            <input
                {...said}
                {...box.getInputProps({
                    ...(named === undefined ? {} : { 'aria-label': named }),
                    onChange: (event) => {
                        setText(event.currentTarget.value);
                        onChange(event.currentTarget.value, event.currentTarget.value);
                    },
                })}
                className="entry w-full"
                placeholder={placeholder ?? say(`${words}.find`)}
            />
            <Found
                box={box}
                items={found}
                keyOf={(one) => one.value}
                label={say(`${words}.found`)}
                none={say(`${words}.none_found`)}
                render={(one) => (
                    <span>
                        {one.label}
                        {one.note !== null && <span className="block text-xs text-ink2">{one.note}</span>}
                    </span>
                )}
            />
            {text !== '' && value === text && !box.isOpen && (
                <span className="text-xs text-ochre">{say(`${words}.choose`)}</span>
            )}
        </div>
    );
}

export function CustomerFinder(props: FinderProps) {
    return <Finder url="/tasks/new/customers" words="customer" {...props} />;
}

export function PlaceFinder(props: FinderProps) {
    return <Finder url="/places/choices" words="place" {...props} />;
}
