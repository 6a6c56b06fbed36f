import { useShared } from './shared';

const PREFIX = 'typed ';
/** What nobody sent for so long is forgotten. */
const DAYS = 14;

type Kept = { at: number; text: string };

/** A text that was typed and not sent; it stays on this machine whatever becomes of the page or the connection. */
export function keptText(key: string): string {
    try {
        const kept = JSON.parse(localStorage.getItem(PREFIX + key) ?? 'null') as Kept | null;
        return kept !== null && Date.now() - kept.at < DAYS * 86_400_000 ? kept.text : '';
    } catch {
        return '';
    }
}

export function keep(key: string, text: string): void {
    if (text === '') localStorage.removeItem(PREFIX + key);
    else localStorage.setItem(PREFIX + key, JSON.stringify({ at: Date.now(), text } satisfies Kept));
}

/** What a text is for, by whoever is signed in: somebody else at this machine does not find it. */
export function useKeptKey(what: string): string {
    const { viewer } = useShared();
    return `${viewer?.slug ?? viewer?.name ?? ''} ${what}`;
}
