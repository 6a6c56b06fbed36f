import { useEffect, useState } from 'react';
import { ask } from './ask';

type Asked<T> = { answer: T | null; error: unknown };

/**
 * What the server answers to an address, asked a moment after it has stopped
 * changing; an answer that comes when it has changed again counts for nothing.
 * The last answer stays until the next; null: nothing is asked for.
 */
export function useAsked<T>(address: string | null, pause = 200): Asked<T> {
    const [asked, setAsked] = useState<Asked<T>>({ answer: null, error: null });
    useEffect(() => {
        if (address === null) return;
        let gone = false;
        const timer = setTimeout(() => {
            ask<T>('GET', address)
                .then((answer) => gone || setAsked({ answer, error: null }))
                .catch((error: unknown) => gone || setAsked((last) => ({ answer: last.answer, error })));
        }, pause);
        return () => {
            gone = true;
            clearTimeout(timer);
        };
    }, [address, pause]);
    return asked;
}
