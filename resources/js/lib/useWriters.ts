import { useEffect, useState } from 'react';
import { ask } from './ask';

/** Somebody else who has the rulebook open to write it, and the rule that they have open. */
export type Writer = { name: string; rule: string | null };

const PAUSE = 8000;

/**
 * Says that one is there and at which rule, now and again, and gives who else is.
 *
 * @param rule that is open; undefined: one only reads
 */
export function useWriters(rule: string | null | undefined): Writer[] {
    const [others, setOthers] = useState<Writer[]>([]);
    useEffect(() => {
        if (rule === undefined) return;
        let gone = false;
        const tell = (): void =>
            void ask<{ others: Writer[] }>('PUT', '/rulebook/writers', JSON.stringify({ rule }))
                .then((answer) => gone || setOthers(answer.others))
                .catch(() => undefined);
        tell();
        const timer = setInterval(tell, PAUSE);
        return () => {
            gone = true;
            clearInterval(timer);
        };
    }, [rule]);
    return others;
}
