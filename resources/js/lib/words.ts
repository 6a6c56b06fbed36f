import { IntlMessageFormat } from 'intl-messageformat';

type Tree = { [key: string]: string | Tree };

const LOCALE = 'en';

/** A file for each module, all in one tree. */
const en: Tree = Object.assign(
    {},
    ...Object.values(import.meta.glob<Tree>('../../words/en/*.json', { eager: true, import: 'default' })),
) as Tree;

/** The locale of dates and clock readings. */
export const FORMATS = 'en-IE';

const made = new Map<string, IntlMessageFormat>();

function message(path: string): string | undefined {
    let at: string | Tree | undefined = en;
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
        format = new IntlMessageFormat(text, LOCALE, undefined, { ignoreTag: true });
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
