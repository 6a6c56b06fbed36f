import { router } from '@inertiajs/react';
import { useSyncExternalStore } from 'react';
import type { Shared } from './shared';

let said: string | null = null;
const listeners = new Set<() => void>();

function put(what: string | null): void {
    if (said === what) return;
    said = what;
    listeners.forEach((one) => one());
}

function plain(text: string): string {
    return text.replace(/\s+/g, ' ').trim().toLowerCase();
}

/** Something else is asked for, or the dialog that it was about is gone. */
export function forgetRefused(): void {
    put(null);
}

/**
 * Tells what was refused as far as no entry of the page tells it: what is wrong with something that the form does not
 * ask for must not be silent.
 */
export function tellRefused(lines: string[]): void {
    // After the page has been drawn with what is wrong.
    requestAnimationFrame(() =>
        setTimeout(() => {
            const shown = plain(document.body.innerText);
            const rest = [...new Set(lines)].filter((one) => one !== '' && !shown.includes(plain(one)));
            if (rest.length > 0) put(rest.join(' '));
        }),
    );
}

export function watchRefused(): void {
    router.on('before', ({ detail }) => {
        if (!detail.visit.async) forgetRefused();
    });
    router.on('error', ({ detail }) => tellRefused(Object.values(detail.errors).flat()));
}

/** What was refused and is told nowhere else; null: nothing. */
export function useRefused(): string | null {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => said,
    );
}

/** What follows once something is done; where it was refused the page says why, and what is typed stays. */
export function unlessRefused(then: () => void): (page: { props: unknown }) => void {
    return ({ props }) => {
        if ((props as Shared).notice.problem === null) then();
    };
}
