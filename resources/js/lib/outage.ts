import { router } from '@inertiajs/react';
import { useSyncExternalStore } from 'react';
import { say } from './words';

let said: string | null = null;
const listeners = new Set<() => void>();

function tell(what: string | null): void {
    said = what;
    listeners.forEach((one) => one());
}

/**
 * While the server can't be reached, or can't answer, the page stays as it is, with what is typed on it; it says so
 * until something is answered.
 */
export function watchOutages(): void {
    router.on('invalid', (event) => {
        if (event.detail.response.status !== 503) return;
        event.preventDefault();
        tell(say('outage.busy'));
    });
    router.on('exception', (event) => {
        event.preventDefault();
        tell(say('outage.unreachable'));
    });
    router.on('success', () => tell(null));
}

/** What is to be said of an outage; null: there is none. */
export function useOutage(): string | null {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => said,
    );
}
