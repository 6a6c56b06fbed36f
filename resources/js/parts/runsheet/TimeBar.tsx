import type { ChartStep } from '@props/Runsheets/RunsheetEditorPage';
import { describeDuration } from '@/lib/parameters';
import { say } from '@/lib/words';

const percent = (part: number, whole: number): string => `${whole === 0 ? 0 : (100 * part) / whole}%`;

/** When a step would be at work, on the time that all of them take: filled where it decides the end. */
export function TimeBar({ step, minutes }: { step: ChartStep | undefined; minutes: number }) {
    if (step === undefined) return <span aria-hidden className="block h-5" />;
    const length = step.to - step.from;
    const says = say(step.critical ? 'runsheet.bar_decides' : 'runsheet.bar', {
        from: step.from === 0 ? 'start' : describeDuration(step.from),
        takes: length === 0 ? 'nothing' : describeDuration(length),
    });
    return (
        <span className="relative block h-5 border-s border-e border-line" title={says}>
            <span className="sr-only">{says}</span>
            <span
                aria-hidden
                className={`absolute top-1 h-3 rounded-sm border border-pine ${step.critical ? 'bg-pine' : 'bg-paper'}`}
                style={{
                    insetInlineStart: percent(step.from, minutes),
                    width: `max(5px, ${percent(length, minutes)})`,
                }}
            />
        </span>
    );
}

/** The ends of that time. */
export function TimeScale({ minutes }: { minutes: number }) {
    return (
        <span className="flex justify-between text-xs text-ink2 tabular-nums">
            <span>{say('runsheet.scale_start')}</span>
            <span>{say('runsheet.scale_end', { time: describeDuration(minutes) })}</span>
        </span>
    );
}
