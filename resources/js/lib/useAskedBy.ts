import { useEffect, useState } from 'react';
import { ask } from './ask';
import { faultsOf } from './faults';

const PAUSE = 150;

/** What the server answers to a text; what it answered last stays until then. url: null: it is not asked. */
export function useAskedBy<T>(url: string | null, text: string): { answer: T | null; faults: string[] } {
    const [state, setState] = useState<{ answer: T | null; faults: string[] }>({ answer: null, faults: [] });
    useEffect(() => {
        if (url === null) return;
        let gone = false;
        const timer = setTimeout(() => {
            ask<T>('POST', url, text)
                .then((answer) => gone || setState({ answer, faults: [] }))
                .catch((error: unknown) => gone || setState((before) => ({ ...before, faults: faultsOf(error) })));
        }, PAUSE);
        return () => {
            gone = true;
            clearTimeout(timer);
        };
    }, [url, text]);
    return state;
}
