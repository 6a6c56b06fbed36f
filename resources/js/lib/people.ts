import type { Option } from '@props/Rules/Vocabulary';

/** Somebody to choose; note: what is to be known of them before, such as that they are away. */
export type Choosable = Option & { note?: string };

const MOST = 60;

/** Without capitals and accents. */
function plain(text: string): string {
    return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}

/** Those in whose name every word of a text begins a word, as many as a list shows. */
export function named<T extends Option>(people: T[], text: string): T[] {
    const words = plain(text)
        .split(/\s+/)
        .filter((word) => word !== '');
    const fits = (one: T): boolean => {
        const name = plain(one.label).split(/[\s-]+/);
        return words.every((word) => name.some((part) => part.startsWith(word)));
    };
    return (words.length === 0 ? people : people.filter(fits)).slice(0, MOST);
}
