import { router, usePage } from '@inertiajs/react';
import { useEffect, useRef, useState } from 'react';
import { ask, Problem } from './ask';
import { useShared } from './shared';
import { staleProps, topicsOf, type Stamps } from './topics';

const EVERY = 3000;

export type Currency = 'current' | 'out of touch' | 'signed out';

type Pulse = { stamp: string; topics?: Stamps };

/**
 * What is known of a page: the stamp that it was made with, and those of its topics since they were first asked for.
 */
type Known = { page: string; stamp: string; topics: Stamps | null };

/**
 * Keeps the page current: asks every few seconds for the stamp of everything,
 * and where that has moved for those of the topics that the page shows; of its
 * props it fetches those that are about what has changed. What is being typed
 * stays, since it lives in the components. Answers whether the page is current.
 */
export function useCurrent(): Currency {
    const { stamp, viewer, draftRevision, task } = useShared();
    const { component } = usePage();
    const [state, setState] = useState<Currency>('current');
    const known = useRef<Known>({ page: '', stamp: '', topics: null });
    const asked = useRef<(() => void) | null>(null);
    const signedIn = viewer !== null;
    const taskId = task?.id ?? null;

    // What was asked of the page as it was comes too late once somebody goes elsewhere.
    useEffect(() => router.on('start', ({ detail: { visit } }) => void (visit.async || asked.current?.())), []);

    useEffect(() => {
        if (!signedIn) return;
        const page = `${component} ${stamp} ${taskId}`;
        if (known.current.page !== page) known.current = { page, stamp: '', topics: null };
        let busy = false;
        const look = async (): Promise<void> => {
            if (busy || document.visibilityState === 'hidden') return;
            busy = true;
            try {
                const topics = topicsOf(component, taskId).join(',');
                const now = await ask<Pulse>(
                    'GET',
                    `/pulse?topics=${topics}&known=${encodeURIComponent(known.current.stamp)}`,
                );
                setState('current');
                const before = known.current.topics;
                if (known.current.page !== page || now.topics === undefined) return;
                known.current = { page, stamp: now.stamp, topics: now.topics };
                // Before the first answer it is not known what has moved, only that something has.
                const stale =
                    before === null ? (now.stamp === stamp ? null : 'all') : staleProps(component, before, now.topics);
                if (stale === null) return;
                // What the last action came to stays until the next; rules that are known are not sent again.
                const data = draftRevision === undefined ? {} : { known: draftRevision };
                router.reload({
                    preserveUrl: true,
                    data,
                    onCancelToken: ({ cancel }) => (asked.current = cancel),
                    onFinish: () => (asked.current = null),
                    onCancel: () => (known.current = { page: '', stamp: '', topics: null }),
                    ...(stale === 'all' ? { except: ['notice'] } : { only: stale }),
                });
            } catch (error) {
                setState(error instanceof Problem && error.status === 401 ? 'signed out' : 'out of touch');
            } finally {
                busy = false;
            }
        };
        const timer = setInterval(() => void look(), EVERY);
        const onShow = (): void => void look();
        document.addEventListener('visibilitychange', onShow);
        void look();
        return () => {
            clearInterval(timer);
            document.removeEventListener('visibilitychange', onShow);
        };
    }, [component, stamp, taskId, signedIn, draftRevision]);

    return state;
}
