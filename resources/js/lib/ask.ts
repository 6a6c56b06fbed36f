/** Something that is wrong with what was sent; missing: the member of what the pointer points at that is not there. */
export type ProblemFault = { pointer: string; detail: string; missing?: string };

/** A pointer to what is wrong, also where that is not there. */
export const pointerTo = ({ pointer, missing }: ProblemFault): string =>
    missing === undefined ? pointer : `${pointer}/${missing}`;

/** A problem as the server tells it (RFC 9457). */
export class Problem extends Error {
    constructor(
        readonly status: number,
        detail: string,
        readonly errors: ProblemFault[],
    ) {
        super(detail);
    }
}

type ProblemBody = { detail?: string; title?: string; errors?: ProblemFault[] };

function token(): string {
    const found = document.cookie.split('; ').find((one) => one.startsWith('XSRF-TOKEN='));
    return found === undefined ? '' : decodeURIComponent(found.slice('XSRF-TOKEN='.length));
}

export type Method = 'GET' | 'PUT' | 'POST' | 'DELETE';

/** Asks the server for JSON. Throws a Problem where it says no, and a TypeError where it can't be reached. */
export async function ask<T>(method: Method, url: string, body?: string | Blob | FormData): Promise<T> {
    const response = await fetch(url, {
        method,
        headers: {
            Accept: 'application/json',
            'X-Requested-With': 'XMLHttpRequest',
            // A form says itself how its parts are divided.
            ...(body instanceof FormData ? {} : { 'Content-Type': 'application/json' }),
            'X-XSRF-TOKEN': token(),
        },
        ...(body === undefined ? {} : { body }),
    });
    if (!response.ok) {
        const problem = (await response.json().catch(() => ({}))) as ProblemBody;
        throw new Problem(
            response.status,
            problem.detail ?? problem.title ?? `The server answered ${response.status}.`,
            problem.errors ?? [],
        );
    }
    return (await response.json()) as T;
}
