import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { ask } from './ask';

/** Milliseconds after which whoever can't be reached just now is asked again. */
const UNREACHED = 3000;

/**
 * How far something in the background is, asked again and again; the page is fetched anew once it is over.
 *
 * @param before what the page says of it
 * @param pause milliseconds between two times; null: it is not asked for
 * @param isOver a function of the module, so that it stays the same
 */
export function useProgress<T>(
    address: string,
    before: T,
    pause: number | null,
    isOver: (before: T, answer: T) => boolean,
): T {
    const [told, setTold] = useState<{ of: T; progress: T }>({ of: before, progress: before });
    useEffect(() => {
        if (pause === null) return;
        let timer = 0;
        const look = (): void => {
            ask<T>('GET', address)
                .then((answer) => {
                    setTold({ of: before, progress: answer });
                    if (isOver(before, answer)) router.reload();
                    else timer = window.setTimeout(look, pause);
                })
                .catch(() => (timer = window.setTimeout(look, UNREACHED)));
        };
        look();
        return () => window.clearTimeout(timer);
    }, [address, before, pause, isOver]);
    return told.of === before ? told.progress : before;
}
