import type { StageDocument } from '@props/Cases/TrackEditorPage';
import type { Part } from '@props/Rules/RulebookPage';
import type { Option, Vocabulary } from '@props/Rules/Vocabulary';
import { useState } from 'react';
import { durationOf, minutesOf } from '@/lib/criteria';
import { MOVERS, moversKind, moversOf, stageWith, type MoversKind } from '@/lib/track';
import { say } from '@/lib/words';
import { PartsEditor } from '@/parts/rule/PartEditor';
import { WordChoice, WordChoices, WordNumber } from '@/parts/rule/Word';
import { Button } from '@/ui/Button';
import { Line } from '@/ui/Line';

type Props = {
    stage: StageDocument;
    /** as rules about cases have it */
    vocabulary: Vocabulary;
    guides: Option[];
    onChange: (stage: StageDocument, what?: string) => void;
};

function Gates({
    word,
    gates,
    vocabulary,
    onChange,
}: {
    word: string;
    gates: Part[];
    vocabulary: Vocabulary;
    onChange: (gates: Part[]) => void;
}) {
    return (
        <Line word={word}>
            {gates.length === 0 && <span className="text-ink2">{say('track.nothing_asked')} </span>}
            <PartsEditor
                family="gate"
                parts={gates}
                vocabulary={vocabulary}
                add={say(gates.length === 0 ? 'track.ask' : 'track.ask_more')}
                onChange={onChange}
            />
        </Line>
    );
}

function Movers({ stage, vocabulary, onChange }: Pick<Props, 'stage' | 'vocabulary' | 'onChange'>) {
    const [chosen, setChosen] = useState<MoversKind>();
    const kind = moversKind(stage.movers, chosen);
    const teams = stage.movers?.teams ?? [];
    return (
        <Line word={say('track.moved_on_by')}>
            {say('track.leads_and')}{' '}
            <WordChoice
                label={say('track.moved_by')}
                value={kind}
                options={MOVERS.map((one) => ({ value: one, label: say(`track.mover.${one}`) }))}
                onChange={(next) => {
                    setChosen(next as MoversKind);
                    onChange(stageWith(stage, { movers: moversOf(next as MoversKind, teams) }));
                }}
            />{' '}
            {(kind === 'teams' || kind === 'owner_and_teams') && (
                <WordChoices
                    label={say('track.mover_teams')}
                    values={teams}
                    options={vocabulary.teams}
                    onChange={(next) => onChange(stageWith(stage, { movers: moversOf(kind, next) }))}
                />
            )}
        </Line>
    );
}

/** How long a case stands there at most, in working hours. */
function Target({ stage, onChange }: Pick<Props, 'stage' | 'onChange'>) {
    const hours = stage.target === undefined ? null : minutesOf(stage.target) / 60;
    return (
        <Line word={say('track.at_most_word')}>
            {hours === null ? (
                <button
                    type="button"
                    className="word"
                    aria-label={`${say('track.target')}: ${say('track.any_time')}`}
                    onClick={() => onChange(stageWith(stage, { target: durationOf(480) }))}
                >
                    {say('track.any_time')}
                </button>
            ) : (
                <>
                    <WordNumber
                        label={say('track.hours')}
                        whole={false}
                        value={hours}
                        onChange={(next) =>
                            onChange(stageWith(stage, { target: durationOf(Math.round(Math.max(next, 0) * 60)) }))
                        }
                    />{' '}
                    {say('track.hours')}{' '}
                    <Button
                        look="quiet"
                        className="min-h-6 text-ink2"
                        aria-label={say('track.leave_out_target')}
                        onClick={() => onChange(stageWith(stage, { target: undefined }))}
                    >
                        {say('screen.parameter_control.leave_out')}
                    </Button>
                </>
            )}
        </Line>
    );
}

/** A stage as lines whose words are the controls. */
export function StageEditor({ stage, vocabulary, guides, onChange }: Props) {
    return (
        <div className="mt-1">
            <Line word={say('screen.common.name')}>
                <input
                    className="entry w-full max-w-md font-semibold"
                    aria-label={say('track.stage_name')}
                    maxLength={120}
                    value={stage.name}
                    onChange={(event) => onChange(stageWith(stage, { name: event.target.value }), `name ${stage.key}`)}
                />
            </Line>
            <Gates
                word={say('track.to_enter')}
                gates={stage.enter ?? []}
                vocabulary={vocabulary}
                onChange={(enter) => onChange(stageWith(stage, { enter }))}
            />
            <Gates
                word={say('track.to_leave')}
                gates={stage.leave ?? []}
                vocabulary={vocabulary}
                onChange={(leave) => onChange(stageWith(stage, { leave }))}
            />
            <Movers stage={stage} vocabulary={vocabulary} onChange={onChange} />
            <Target stage={stage} onChange={onChange} />
            <Line word={say('track.guide')}>
                <WordChoice
                    label={say('track.guide')}
                    value={stage.guide ?? ' '}
                    options={[{ value: ' ', label: say('track.no_guide') }, ...guides]}
                    onChange={(next) => onChange(stageWith(stage, { guide: next === ' ' ? undefined : next }))}
                />
            </Line>
        </div>
    );
}
