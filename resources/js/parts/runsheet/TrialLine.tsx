import type { TrialStep } from '@props/Runsheets/RunsheetEditorPage';
import { useFormats } from '@/lib/format';
import type { TriedRun } from '@/lib/useSheetTrial';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Button } from '@/ui/Button';

const LOOKS: Record<TrialStep['state'], string> = {
    not_reached: 'text-ink2',
    open: 'font-semibold text-pine',
    done: '',
    skipped: 'text-ink2 line-through',
    dropped: 'text-ink2 line-through',
    stopped: 'font-semibold text-brick',
};

/** How far a step of a tried run is, and what can be said to happen. */
export function TrialLine({ step, tried }: { step: TrialStep | undefined; tried: TriedRun }) {
    const formats = useFormats();
    if (step === undefined) return null;
    const state = say(`run.step.${step.state}`, { answer: step.answer ?? 'none' });
    return (
        <span className="block">
            <span className={LOOKS[step.state]}>
                {state}
                {step.round > 1 && ` · ${say('run.round', { round: step.round })}`}
            </span>
            <span className="text-ink2">
                {step.why !== null && ` · ${say(`run.why.${step.why}`)}`}
                {step.wakesAt !== null
                    ? ` · ${say('run.until', { moment: formats.moment(step.wakesAt) })}`
                    : step.at !== null && ` · ${formats.moment(step.at)}`}
            </span>
            {step.can.length > 0 && (
                <span className="flex flex-wrap gap-1">
                    {step.can.map((deed) => (
                        <Button
                            key={deed}
                            look="quiet"
                            className="min-h-6"
                            aria-label={say('runsheet.deed_of', {
                                deed: say(`runsheet.deed.${deed}`),
                                step: step.name,
                            })}
                            onClick={() => tried.do(deed, step.key)}
                        >
                            {say(`runsheet.deed.${deed}`)}
                        </Button>
                    ))}
                </span>
            )}
        </span>
    );
}

const HOUR = 60;
const DAY = 480;

/** The clock of a tried run, and of what it is. */
export function TrialHead({ tried, isOfNothing }: { tried: TriedRun; isOfNothing: boolean }) {
    const formats = useFormats();
    const { run } = tried;
    return (
        <section className="box space-y-1 p-3" aria-label={say('runsheet.trial')}>
            <div className="flex flex-wrap items-center gap-2">
                <span className="min-w-0 flex-1" role="status">
                    <strong>{say('runsheet.trial')}</strong> ·{' '}
                    {run === null
                        ? say('runsheet.trial_not_yet')
                        : `${say(`runsheet.trial_state.${run.state}`)} · ${formats.moment(run.at)}`}
                </span>
                <Button onClick={() => tried.later(HOUR)}>{say('runsheet.later_hour')}</Button>
                <Button onClick={() => tried.later(DAY)}>{say('runsheet.later_day')}</Button>
                <Button disabled={tried.back === null} onClick={() => tried.back?.()}>
                    {say('runsheet.trial_back')}
                </Button>
                <Button disabled={tried.back === null} onClick={tried.anew}>
                    {say('runsheet.trial_anew')}
                </Button>
            </div>
            {!isOfNothing && (
                <label className="flex flex-wrap items-center gap-2">
                    <span className="text-ink2">{say('runsheet.trial_of')}</span>
                    <input
                        className="entry w-28"
                        inputMode="numeric"
                        placeholder={say('runsheet.made_up')}
                        value={tried.number}
                        onChange={(event) => tried.of(event.target.value)}
                    />
                    <span className="text-ink2">{say('runsheet.trial_makes_nothing')}</span>
                </label>
            )}
            <FaultList faults={tried.faults} />
        </section>
    );
}
