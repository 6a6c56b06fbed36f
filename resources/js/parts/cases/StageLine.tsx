import type { StageLine as Line } from '@props/Cases/CaseView';
import clsx from 'clsx';
import { describeDuration } from '@/lib/parameters';
import { say } from '@/lib/words';

const LOOKS: Record<Line['state'], string> = {
    passed: 'bg-pine',
    here: 'bg-ink',
    ended: 'bg-ink2',
    ahead: 'bg-line',
    retired: 'bg-line',
};

/** How long it stood in a stage, against what is expected of it. */
function Stood({ stage }: { stage: Line }) {
    if (stage.minutes === null) return <span className="text-ink2">{say('case.not_yet')}</span>;
    const time = describeDuration(stage.minutes);
    const over = stage.target !== null && stage.minutes > stage.target;
    return (
        <span className={clsx('tabular-nums', over ? 'text-ochre' : 'text-ink2')}>
            {stage.target === null
                ? say('case.stood', { time })
                : say('case.of_target', { time, target: describeDuration(stage.target) })}
        </span>
    );
}

/** The stages of the track one after the other, as long a bar each, with the time that the case stood there. */
export function StageLine({ stages }: { stages: Line[] }) {
    return (
        <ol aria-label={say('case.way')} className="grid grid-cols-1 gap-x-1 gap-y-2 sm:auto-cols-fr sm:grid-flow-col">
            {stages.map((stage) => (
                <li
                    key={stage.key}
                    aria-current={stage.state === 'here' ? 'step' : undefined}
                    className="min-w-0 border-s-4 border-transparent sm:border-s-0"
                >
                    <span
                        aria-hidden
                        className={clsx(
                            'block rounded-sm',
                            LOOKS[stage.state],
                            stage.state === 'here' ? 'h-2.5' : 'mt-1 h-1.5',
                        )}
                    />
                    <span className={clsx('mt-1 block break-words', stage.state === 'here' && 'font-semibold')}>
                        {stage.name}
                    </span>
                    <span className="block text-xs">
                        <span className="sr-only">{say(`case.${stage.state}`)}, </span>
                        <Stood stage={stage} />
                    </span>
                </li>
            ))}
        </ol>
    );
}
