import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useShared } from '@/lib/shared';
import { Button } from '@/ui/Button';

/** What the last action came to, with its undo; a line under the bar that one can send away. */
export function Said() {
    const { said } = useShared();
    const [sentAway, setSentAway] = useState<typeof said | null>(null);
    const text = said.problem ?? said.done;
    if (text === null || sentAway === said) return <div role="status" />;
    const grave = said.problem !== null;
    return (
        <div role="status" className={`flex shrink-0 items-center gap-4 border-b px-4 py-1 ${grave ? 'border-brick text-brick' : 'border-line'} bg-paper`}>
            <span className={grave ? 'font-semibold' : ''}>{text}</span>
            {said.undo !== null && (
                <Button look="quiet" onClick={() => router.post(said.undo?.url ?? '', {})}>
                    {said.undo.label}
                </Button>
            )}
            <Button look="quiet" className="ml-auto" onClick={() => setSentAway(said)}>
                Close
            </Button>
        </div>
    );
}
