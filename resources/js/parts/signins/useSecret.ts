import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask, Problem } from '@/lib/ask';

type Secret = {
    secret: string | null;
    busy: boolean;
    wrong: Record<string, string>;
    make: (url: string, data: Record<string, unknown>) => Promise<void>;
};

/** Has something made that is told once; what was wrong with it by the name of the entry. */
export function useSecret(): Secret {
    const [secret, setSecret] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const [wrong, setWrong] = useState<Record<string, string>>({});
    const make = async (url: string, data: Record<string, unknown>): Promise<void> => {
        setBusy(true);
        setWrong({});
        try {
            setSecret((await ask<{ secret: string }>('POST', url, JSON.stringify(data))).secret);
            router.reload();
        } catch (error) {
            setWrong(
                error instanceof Problem && error.errors.length > 0
                    ? Object.fromEntries(error.errors.map((one) => [one.pointer.split('/')[1] ?? '', one.detail]))
                    : { '': String((error as Error).message) },
            );
        } finally {
            setBusy(false);
        }
    };
    return { secret, busy, wrong, make };
}
