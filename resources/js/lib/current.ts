import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { ask, Problem } from './ask';
import { useShared } from './shared';

const EVERY = 3000;

export type Currency = 'current' | 'out of touch' | 'signed out';

/**
 * Keeps the page current: asks for the stamp of the state every few seconds
 * and fetches the props anew when it has moved. What is being typed stays, since
 * it lives in the components. Answers whether the page is current.
 */
export function useCurrent(): Currency {
    const { stamp, viewer, draftRevision } = useShared();
    const [state, setState] = useState<Currency>('current');
    const signedIn = viewer !== null;

    useEffect(() => {
        if (!signedIn) return;
        let busy = false;
        const look = async (): Promise<void> => {
            if (busy || document.visibilityState === 'hidden') return;
            busy = true;
            try {
                const now = await ask<{ stamp: string }>('GET', '/pulse');
                setState('current');
                if (now.stamp !== stamp) {
                    // What the last action came to stays until the next; rules that are known are not sent again.
                    router.reload({ preserveUrl: true, except: ['notice'], data: draftRevision === undefined ? {} : { known: draftRevision } });
                }
            } catch (error) {
                setState(error instanceof Problem && error.status === 401 ? 'signed out' : 'out of touch');
            } finally {
                busy = false;
            }
        };
        const timer = setInterval(() => void look(), EVERY);
        const onShow = (): void => void look();
        document.addEventListener('visibilitychange', onShow);
        return () => {
            clearInterval(timer);
            document.removeEventListener('visibilitychange', onShow);
        };
    }, [stamp, signedIn, draftRevision]);

    return state;
}
