import { useCombobox } from 'downshift';
import { useState } from 'react';
import { named, type Choosable } from '@/lib/people';
import { Found } from './Found';

export type ChoiceProps = {
    options: Choosable[];
    value: string;
    onChange: (value: string) => void;
    /** what stands in it while nothing is chosen, what is said of what is found, and where nothing is */
    words: { empty: string; found: string; none: string };
    disabled?: boolean;
    className?: string;
    /** Labelled gives it its id and what is said of it. */
    id?: string;
    'aria-label'?: string;
};

/**
 * Chooses one of many by the beginnings of their names; arrow keys choose, Enter takes, and what is typed and not
 * chosen is forgotten.
 */
export function Choice({
    options,
    value,
    onChange,
    words,
    disabled = false,
    className = 'w-full',
    id,
    'aria-label': label,
    ...said
}: ChoiceProps) {
    const [text, setText] = useState<string | null>(null);
    const chosen = options.find((one) => one.value === value) ?? null;
    const shown = named(options, text ?? '');
    const box = useCombobox<Choosable>({
        items: shown,
        ...(id === undefined ? {} : { inputId: id }),
        inputValue: text ?? chosen?.label ?? '',
        itemToString: (one) => one?.label ?? '',
        itemToKey: (one) => one?.value,
        defaultHighlightedIndex: 0,
        selectedItem: chosen,
        onIsOpenChange: ({ isOpen }) => !isOpen && setText(null),
        onSelectedItemChange: ({ selectedItem }) => selectedItem !== null && onChange(selectedItem.value),
    });
    return (
        <div className={`relative ${className}`}>
            <input
                {...said}
                {...box.getInputProps({
                    ...(label === undefined ? {} : { 'aria-label': label }),
                    disabled,
                    onChange: (event) => setText(event.currentTarget.value),
                    onFocus: (event) => event.currentTarget.select(),
                    onClick: (event) => event.currentTarget.select(),
                })}
                className="entry w-full"
                placeholder={words.empty}
            />
            <Found
                box={box}
                items={shown}
                keyOf={(one) => one.value}
                label={words.found}
                none={words.none}
                render={(one) => (
                    <>
                        <span className="min-w-0 flex-1">{one.label}</span>
                        {one.note !== undefined && one.note !== '' && (
                            <span className="text-xs text-plum">{one.note}</span>
                        )}
                    </>
                )}
            />
        </div>
    );
}
