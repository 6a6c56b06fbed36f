import { useEffect, useState } from 'react';
import { ask } from './ask';
import { faultsOf } from './faults';

/**
 * What the server answers to a text, asked a moment after it has stopped changing; what it answered last stays until
 * then.
 *
 * @param url   null: it is not asked
 * @param pause milliseconds
 */
export function useAskedBy<T>(url: string | null, text: string, pause: number): { answer: T | null; faults: string[] } {
    const [state, setState] = useState<{ answer: T | null; faults: string[] }>({ answer: null, faults: [] });
    useEffect(() => {
        if (url === null) return;
        let gone = false;
        const timer = setTimeout(() => {
            ask<T>('POST', url, text)
                .then((answer) => gone || setState({ answer, faults: [] }))
                .catch((error: unknown) => gone || setState((before) => ({ ...before, faults: faultsOf(error) })));
        }, pause);
        return () => {
            gone = true;
            clearTimeout(timer);
        };
    }, [url, text, pause]);
    return state;
}
