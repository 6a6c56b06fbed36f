import type { Give } from '@props/Rules/RulebookPage';
import type { About, Vocabulary } from '@props/Rules/Vocabulary';
import { describePart } from '@/lib/describe';
import { PartEditor, PartsEditor } from './PartEditor';
import { WordChoice } from './Word';
import { say } from '@/lib/words';

const SEATS = [
    { value: 'holder', label: say('screen.rule_editor.to_hold') },
    { value: 'reviewer', label: say('screen.rule_editor.to_review') },
];

const KEEPS = [
    { value: 'keeps', label: say('screen.rule_editor.keeps') },
    { value: 'anew', label: say('screen.rule_editor.anew') },
];

const AWAY = [
    { value: 'skipped', label: say('screen.rule_editor.skipped') },
    { value: 'replaced', label: say('screen.rule_editor.replaced') },
];

export function GiveEditor({
    give,
    about,
    ofNew = false,
    vocabulary,
    onChange,
}: {
    give: Give;
    about: About;
    /** it is of a task that is made with it: nobody has that, and it waits for no review */
    ofNew?: boolean;
    vocabulary: Vocabulary;
    onChange: (give: Give) => void;
}) {
    return (
        <>
            <div>
                {ofNew ? null : about !== 'task' ? (
                    say('screen.rule_editor.owner')
                ) : (
                    <WordChoice
                        label={say('screen.rule_editor.seat')}
                        value={give.seat ?? 'holder'}
                        options={SEATS}
                        onChange={(seat) => onChange({ ...give, seat: seat === 'reviewer' ? 'reviewer' : 'holder' })}
                    />
                )}{' '}
                <PartEditor
                    family="pool"
                    part={give.pool}
                    vocabulary={vocabulary}
                    onChange={(pool) => onChange({ ...give, pool })}
                />
            </div>
            <div>
                <PartEditor
                    family="method"
                    about={about}
                    part={give.method}
                    vocabulary={vocabulary}
                    proposals={
                        give.pool === undefined
                            ? {}
                            : { rotation: describePart('pool', give.pool, vocabulary).slice(0, 160) }
                    }
                    onChange={(method) => onChange({ ...give, method })}
                />
            </div>
            {!ofNew && (
                <div>
                    <WordChoice
                        label={say('screen.rule_editor.whoever_has_it')}
                        value={give.anew === true ? 'anew' : 'keeps'}
                        options={KEEPS}
                        onChange={(next) => onChange({ ...give, anew: next === 'anew' })}
                    />
                </div>
            )}
            <div>
                <WordChoice
                    label={say('screen.rule_editor.who_is_away')}
                    value={give.substitutes === true ? 'replaced' : 'skipped'}
                    options={AWAY}
                    onChange={(next) => onChange({ ...give, substitutes: next === 'replaced' })}
                />
            </div>
            <PartsEditor
                family="limit"
                parts={give.limits ?? []}
                vocabulary={vocabulary}
                about={about}
                add={say('screen.rule_editor.add_a_limit')}
                onChange={(limits) => onChange({ ...give, limits })}
            />
            <div>
                <span className="text-ink2">{say('screen.rule_editor.otherwise')} </span>
                <PartEditor
                    family="otherwise"
                    part={give.otherwise ?? { kind: 'next_rule' }}
                    vocabulary={vocabulary}
                    onChange={(otherwise) => onChange({ ...give, otherwise })}
                />
            </div>
        </>
    );
}
