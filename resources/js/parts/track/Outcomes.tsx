import type { TrackDocument } from '@props/Cases/TrackEditorPage';
import type { Fault } from '@props/Rules/RulebookPage';
import { withOutcome } from '@/lib/track';
import { say } from '@/lib/words';
import { RuleFaults } from '@/parts/rule/RuleFaults';
import { Button } from '@/ui/Button';

type Props = {
    track: TrackDocument;
    faults: Fault[];
    onChange: (edit: (track: TrackDocument) => TrackDocument, what?: string) => void;
};

/** What cases of the track come to. */
export function Outcomes({ track, faults, onChange }: Props) {
    const { outcomes } = track;
    return (
        <section className="box p-4" aria-label={say('track.outcomes')}>
            <h2 className="font-semibold">{say('track.outcomes')}</h2>
            <p className="text-ink2">{say('track.outcomes_mean')}</p>
            <ul className="mt-2 flex flex-wrap gap-x-4 gap-y-2">
                {outcomes.map((outcome, place) => (
                    <li key={place} className="flex items-center gap-1">
                        <input
                            className="entry w-44"
                            aria-label={say('track.outcome_of', { place: place + 1 })}
                            maxLength={120}
                            value={outcome.label}
                            onChange={(event) =>
                                onChange(
                                    (before) => ({
                                        ...before,
                                        outcomes: before.outcomes.map((one, at) =>
                                            at === place ? { ...one, label: event.target.value } : one,
                                        ),
                                    }),
                                    `outcome ${place}`,
                                )
                            }
                        />
                        <Button
                            look="quiet"
                            className="text-ink2"
                            aria-label={say('track.take_out_outcome', { place: place + 1 })}
                            onClick={() =>
                                onChange((before) => ({
                                    ...before,
                                    outcomes: before.outcomes.filter((_, at) => at !== place),
                                }))
                            }
                        >
                            {say('screen.common.take_out')}
                        </Button>
                    </li>
                ))}
                <li>
                    <Button look="quiet" onClick={() => onChange(withOutcome)}>
                        {say('track.add_outcome')}
                    </Button>
                </li>
            </ul>
            <RuleFaults faults={faults} />
        </section>
    );
}
