import { router } from '@inertiajs/react';
import type { MissedLine } from '@props/Tasks/MissedLine';
import { useState } from 'react';
import { ask, Problem } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

/** Says which rules would have acted on a date that is just past, and lets them act now. */
export function Missed({ missed, onDone }: { missed: MissedLine[]; onDone: (left: MissedLine[]) => void }) {
    const formats = useFormats();
    const [wrong, setWrong] = useState('');
    const now = async (one: MissedLine): Promise<void> => {
        setWrong('');
        try {
            await ask('POST', `/tasks/${one.task}/moments`, JSON.stringify({ timer: one.timer }));
            router.reload();
            onDone(missed.filter((other) => other !== one));
        } catch (error) {
            if (!(error instanceof Problem)) throw error;
            setWrong(error.message);
        }
    };
    if (missed.length === 0) return null;
    return (
        <div role="alert" className="box border-ochre p-3">
            <p className="font-semibold">{say('missed.title')}</p>
            <ul>
                {missed.map((one) => (
                    <li
                        key={`${one.task} ${one.timer}`}
                        className="flex flex-wrap items-baseline gap-2 border-t border-line py-1 first:border-0"
                    >
                        <span className="min-w-0 flex-1">
                            {say('missed.line', { rule: one.rule, number: one.number, moment: formats.moment(one.at) })}
                        </span>
                        <Button look="quiet" onClick={() => void now(one)}>
                            {say('missed.now')}
                        </Button>
                    </li>
                ))}
            </ul>
            {wrong !== '' && <p className="text-brick">{wrong}</p>}
            <Button look="quiet" onClick={() => onDone([])}>
                {say('missed.leave')}
            </Button>
        </div>
    );
}
