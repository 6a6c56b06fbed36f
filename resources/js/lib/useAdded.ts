import { useEffect, useRef, type RefObject } from 'react';

/**
 * What is added by a press gets the focus: the last blank of the list, once it is drawn.
 *
 * @returns a reference to the list, and what is to be called before something is added to it
 */
export function useAdded<T extends HTMLElement>(count: number): [RefObject<T | null>, () => void] {
    const list = useRef<T>(null);
    const wanted = useRef(false);
    useEffect(() => {
        if (!wanted.current) return;
        wanted.current = false;
        const blanks = list.current?.querySelectorAll<HTMLElement>("[data-blank='true']") ?? [];
        [...blanks].at(-1)?.focus();
    }, [count]);
    return [
        list,
        () => {
            wanted.current = true;
        },
    ];
}
