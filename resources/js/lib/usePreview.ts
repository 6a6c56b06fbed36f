import { useEffect, useState } from 'react';
import { ask } from './ask';

const PAUSE = 300;

/** What the server says of a text that is written, asked a moment after it has stopped changing; null: not yet. */
export function usePreview<T>(url: string, text: string): T | null {
    const [preview, setPreview] = useState<T | null>(null);
    useEffect(() => {
        let gone = false;
        const timer = setTimeout(() => {
            // Where it can't be asked, what was known last stays; saving tells what is wrong.
            ask<T>('POST', url, text)
                .then((answer) => gone || setPreview(answer))
                .catch(() => undefined);
        }, PAUSE);
        return () => {
            gone = true;
            clearTimeout(timer);
        };
    }, [url, text]);
    return preview;
}
