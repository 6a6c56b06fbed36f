import { router } from '@inertiajs/react';
import { useEffect } from 'react';

/** What is worked out in the background: until it is there, one looks again; at: when it was, null: not yet. */
export function useUntilWorkedOut(at: string | null): void {
    useEffect(() => {
        if (at !== null) return;
        const timer = setInterval(() => router.reload(), 1500);
        return () => clearInterval(timer);
    }, [at]);
}
