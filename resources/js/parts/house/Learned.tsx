import type { LearnedEffort } from '@props/House/HousePage';
import { duration } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

function said(one: LearnedEffort): string {
    return say('effort.took', {
        median: duration(one.median),
        quarter: duration(one.quarter),
        three_quarters: duration(one.threeQuarters),
        counted: one.counted,
        without: one.without,
    });
}

/** What tasks of a kind have really taken lately, to be taken over by a press. */
export function Learned({
    learned,
    minutes,
    onTake,
}: {
    learned: LearnedEffort[];
    minutes: string;
    onTake: (minutes: number) => void;
}) {
    const all = learned.find((one) => one.of === null);
    if (all === undefined) return <p className="text-xs text-ink2">{say('effort.nothing')}</p>;
    const values = learned.filter((one) => one.of !== null);
    return (
        <div className="flex items-start gap-3 text-xs text-ink2">
            <div className="min-w-0 flex-1">
                <p>{said(all)}</p>
                {values.length > 0 && (
                    <ul>
                        {values.map((one) => (
                            <li key={one.of}>
                                {one.of}: {said(one)}
                            </li>
                        ))}
                    </ul>
                )}
            </div>
            {String(all.median) !== minutes && (
                <Button onClick={() => onTake(all.median)}>{say('effort.take', { minutes: all.median })}</Button>
            )}
        </div>
    );
}
