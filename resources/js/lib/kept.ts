import { useCallback, useState } from 'react';

const PREFIX = 'typed ';
/** What nobody sent for so long is forgotten. */
const DAYS = 14;

type Kept = { at: number; text: string };

function read(key: string): string | null {
    try {
        const kept = JSON.parse(localStorage.getItem(PREFIX + key) ?? 'null') as Kept | null;
        return kept !== null && Date.now() - kept.at < DAYS * 86_400_000 ? kept.text : null;
    } catch {
        return null;
    }
}

/** Takes out what was typed long ago. */
export function forgetOld(): void {
    for (const key of Object.keys(localStorage)) {
        if (key.startsWith(PREFIX) && read(key.slice(PREFIX.length)) === null) localStorage.removeItem(key);
    }
}

export function keep(key: string, text: string): void {
    if (text === '') localStorage.removeItem(PREFIX + key);
    else localStorage.setItem(PREFIX + key, JSON.stringify({ at: Date.now(), text } satisfies Kept));
}

/**
 * A text that is typed and stays on this machine until it is sent, whatever becomes of the page or the connection.
 *
 * @param key what the text is for; nobody else's on this machine has it
 */
export function useKept(key: string, initial = ''): [string, (text: string) => void] {
    const [text, setText] = useState(() => read(key) ?? initial);
    const set = useCallback(
        (next: string): void => {
            setText(next);
            keep(key, next === initial ? '' : next);
        },
        [key, initial],
    );
    return [text, set];
}

export { read as keptText };
