import { IntlMessageFormat } from 'intl-messageformat';

type Tree = { [key: string]: string | Tree };

const made = new Map<string, IntlMessageFormat>();

/** Each language in a file of its own, made from a file for each module. */
const LANGUAGES: Record<string, () => Promise<{ default: Tree }>> = {
    en: () => import('@words/en'),
    'en-XA': () => import('@words/en-XA'),
    'ar-XB': () => import('@words/ar-XB'),
};

let words: Tree = {};

/** The locale of dates, numbers, plurals and order. */
export let FORMATS = 'en-IE';

export function setWords(tree: Tree, formats: string): void {
    words = tree;
    FORMATS = formats;
    made.clear();
}

/** Fetches the words of the page's language; nothing can be said before. */
export async function loadWords(): Promise<void> {
    const { words: language = 'en', formats = 'en-IE' } = document.documentElement.dataset;
    const load = LANGUAGES[language];
    if (load === undefined) throw new Error(`There are no words of "${language}".`);
    setWords((await load()).default, formats);
}

function message(path: string): string | undefined {
    let at: string | Tree | undefined = words;
    for (const key of path.split('.')) {
        at = typeof at === 'object' ? at[key] : undefined;
    }
    // Paths of fields have dots themselves.
    return typeof at === 'string' ? at : undefined;
}

export function hasWords(path: string): boolean {
    return message(path) !== undefined;
}

function formatOf(path: string): IntlMessageFormat {
    let format = made.get(path);
    if (format === undefined) {
        const text = message(path);
        if (text === undefined) throw new Error(`There are no words for "${path}".`);
        format = new IntlMessageFormat(text, FORMATS, undefined, { ignoreTag: true });
        made.set(path, format);
    }
    return format;
}

/** The words of the product, by the same file as the server's (app/Words/Words.php). */
export function say(path: string, slots: Record<string, string | number> = {}): string {
    return String(formatOf(path).format(slots));
}

/** The words with something else than text in their slots: texts and what was put there, in order. */
export function sayWith<T extends object>(path: string, slots: Record<string, T | string | number>): (string | T)[] {
    return formatOf(path)
        .formatToParts<T>(slots as Record<string, T>)
        .map((part) =>
            typeof part.value === 'object' && part.value !== null ? (part.value as T) : String(part.value),
        );
}
