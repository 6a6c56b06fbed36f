import { useEffect, useState } from 'react';

/**
 * The present moment in milliseconds, brought up to date every so many seconds, and when the next of some moments has
 * come.
 */
export function useNow(seconds: number, moments: readonly (string | null)[] = []): number {
    const [now, setNow] = useState(() => Date.now());
    const next = Math.min(...moments.map((one) => (one === null ? NaN : Date.parse(one))).filter((one) => one > now));
    useEffect(() => {
        const timer = setInterval(() => setNow(Date.now()), seconds * 1000);
        return () => clearInterval(timer);
    }, [seconds]);
    useEffect(() => {
        if (next - Date.now() > seconds * 1000) return;
        const timer = setTimeout(() => setNow(Date.now()), Math.max(0, next - Date.now()));
        return () => clearTimeout(timer);
    }, [next, seconds, now]);
    return now;
}
