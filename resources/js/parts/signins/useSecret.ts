import { useSending } from '@/lib/useSending';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '@/lib/ask';

type Secret = {
    secret: string | null;
    busy: boolean;
    wrong: Record<string, string>;
    make: (url: string, data: Record<string, unknown>) => Promise<void>;
};

/** Has something made that is told once; what was wrong with it by the name of the entry. */
export function useSecret(): Secret {
    const [secret, setSecret] = useState<string | null>(null);
    const { busy, wrong, send } = useSending((fault) => fault.pointer.split('/')[1] ?? '');
    const make = async (url: string, data: Record<string, unknown>): Promise<void> => {
        await send(async () => {
            setSecret((await ask<{ secret: string }>('POST', url, JSON.stringify(data))).secret);
            router.reload();
        });
    };
    return { secret, busy, wrong, make };
}
