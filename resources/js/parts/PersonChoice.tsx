import { useCombobox } from 'downshift';
import { useState } from 'react';
import { named, type Choosable } from '@/lib/people';
import { say } from '@/lib/words';
import { Found } from '@/ui/Found';

type Props = {
    people: Choosable[];
    /** slug, or the value of one that stands first */
    value: string;
    onChange: (value: string) => void;
    /** what can be chosen instead of a person, before them all */
    first?: Choosable[];
    disabled?: boolean;
    className?: string;
    /** Labelled gives it its id and what is said of it. */
    id?: string;
    'aria-label'?: string;
};

/**
 * Chooses a person by the beginnings of their names; arrow keys choose, Enter takes, and what is typed and not chosen
 * is forgotten.
 */
export function PersonChoice({
    people,
    value,
    onChange,
    first = [],
    disabled = false,
    className = 'w-full',
    id,
    'aria-label': label,
    ...said
}: Props) {
    const [text, setText] = useState<string | null>(null);
    const options = [...first, ...people];
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
                placeholder={say('person.choose')}
            />
            <Found
                box={box}
                items={shown}
                keyOf={(one) => one.value}
                label={say('person.found')}
                none={say('person.none_found')}
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
