import { ask } from './ask';

/** Sends a file to the server, which answers with JSON. Throws as "ask" does. */
export function askFile<T>(url: string, file: File | undefined): Promise<T> {
    const form = new FormData();
    if (file !== undefined) form.append('file', file);
    return ask<T>('POST', url, form);
}
