import clsx from 'clsx';
import type { UseComboboxReturnValue } from 'downshift';
import { useEffect, type ReactNode } from 'react';

type Props<T> = {
    box: UseComboboxReturnValue<T>;
    /** null: nothing was asked for yet */
    items: T[] | null;
    keyOf: (item: T) => string;
    label: string;
    /** what is said where nothing is found */
    none: string;
    className?: string;
    render: (item: T) => ReactNode;
};

/** The list below an entry of what is found for it. */
export function Found<T>({ box, items, keyOf, label, none, className = 'start-0 w-full', render }: Props<T>) {
    const shown = box.isOpen && items !== null;
    const menu = box.getMenuProps({ 'aria-label': label });
    const id = String(menu.id);
    useEffect(() => {
        // What would reach below the edge of a dialog is brought into view.
        if (shown) document.getElementById(id)?.scrollIntoView?.({ block: 'nearest' });
    }, [shown, id]);
    return (
        <ul {...menu} className={shown ? `box absolute z-40 mt-1 max-h-72 overflow-auto p-1 ${className}` : 'hidden'}>
            {shown && items.length === 0 && <li className="px-3 py-2 text-ink2">{none}</li>}
            {shown &&
                items.map((item, index) => (
                    <li
                        key={keyOf(item)}
                        {...box.getItemProps({ item, index })}
                        className={clsx(
                            'flex cursor-pointer gap-3 rounded px-3 py-1.5',
                            index === box.highlightedIndex ? 'bg-pine-wash' : '',
                        )}
                    >
                        {render(item)}
                    </li>
                ))}
        </ul>
    );
}
