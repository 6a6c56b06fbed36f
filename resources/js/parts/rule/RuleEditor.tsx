import { MomentEntry } from '@/ui/MomentEntry';
import clsx from 'clsx';
import type { Fault, Rule } from '@props/Rules/RulebookPage';
import type { RuleTrial } from '@props/Rules/RuleTrial';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import type { ReactElement } from 'react';
import { BLANK, topGroup } from '@/lib/criteria';
import { proposedName } from '@/lib/describe';
import { useFormats } from '@/lib/format';
import { without } from '@/lib/rules';
import { Button } from '@/ui/Button';
import { Clause } from './Clause';
import { CriteriaEditor } from './CriteriaEditor';
import { PartEditor, PartsEditor } from './PartEditor';
import { aboutOf, asked, fitted } from '@/lib/about';
import { say, sayWith } from '@/lib/words';
import { GiveClause } from './GiveClause';
import { RuleFaults } from './RuleFaults';
import { RuleTexts } from './RuleTexts';
import { Caught, countsOf, Held } from './Trial';

export function newRuleId(): string {
    return `rule-${crypto.randomUUID().slice(0, 8)}`;
}

/** A rule of which nothing is guessed: it is unfinished until its blanks are chosen, and never acts before. */
export function blankRule(id: string): Rule {
    return {
        id,
        name: '',
        active: true,
        when: [{ kind: 'task_arrives' }],
        if: { all: [BLANK] },
        give: { otherwise: { kind: 'next_rule' } },
        then: [],
    };
}

function Validity({ rule, onChange }: { rule: Rule; onChange: (rule: Rule) => void }) {
    const formats = useFormats();
    const entry = (member: 'valid_from' | 'valid_until', label: string): ReactElement => (
        <MomentEntry
            key={member}
            aria-label={label}
            value={rule[member] === undefined ? '' : formats.toLocal(rule[member])}
            onChange={(day) =>
                onChange(day === '' ? without(rule, member) : { ...rule, [member]: formats.fromLocal(day) })
            }
        />
    );
    if (rule.valid_from === undefined && rule.valid_until === undefined) {
        return (
            <>
                {say('screen.rule_editor.always_valid')}{' '}
                <Button
                    look="quiet"
                    className="min-h-6"
                    onClick={() =>
                        onChange({ ...rule, valid_from: formats.fromLocal(formats.toLocal(new Date().toISOString())) })
                    }
                >
                    {say('screen.rule_editor.only_for_a_time')}
                </Button>
            </>
        );
    }
    return (
        <>
            {sayWith('screen.rule_editor.valid', {
                from: entry('valid_from', say('screen.rule_editor.valid_from')),
                until: entry('valid_until', say('screen.rule_editor.valid_until')),
            })}{' '}
            <span className={clsx('text-xs text-ink2')}>
                {say('screen.rule_editor.valid_hint', { zone: formats.zone })}
            </span>{' '}
            <Button
                look="quiet"
                className="min-h-6 text-ink2"
                onClick={() => onChange(without(rule, 'valid_from', 'valid_until'))}
            >
                {say('screen.rule_editor.always')}
            </Button>
        </>
    );
}

/** What the rule waits for: any of several. */
function EventsEditor({
    rule,
    vocabulary,
    onChange,
}: {
    rule: Rule;
    vocabulary: Vocabulary;
    onChange: (rule: Rule) => void;
}) {
    return (
        <>
            {rule.when.map((event, index) => (
                <div key={index}>
                    {index > 0 && <span className="text-ink2">{say('screen.rule_editor.or_when')} </span>}
                    <PartEditor
                        family="event"
                        part={event}
                        vocabulary={vocabulary}
                        onChange={(next) =>
                            onChange({ ...rule, when: rule.when.map((one, at) => (at === index ? next : one)) })
                        }
                    />
                    {rule.when.length > 1 && (
                        <Button
                            look="quiet"
                            className="min-h-6 text-ink2"
                            aria-label={say('screen.rule_editor.take_out_event', { number: index + 1 })}
                            onClick={() => onChange({ ...rule, when: rule.when.filter((_, at) => at !== index) })}
                        >
                            {say('screen.common.take_out')}
                        </Button>
                    )}
                </div>
            ))}
            <Button
                look="quiet"
                className="min-h-6"
                onClick={() => onChange({ ...rule, when: [...rule.when, { kind: '' }] })}
            >
                {say('screen.rule_editor.or_when_2')}
            </Button>
        </>
    );
}

type Props = {
    rule: Rule;
    vocabulary: Vocabulary;
    faults: Fault[];
    trial: RuleTrial | null;
    onChange: (rule: Rule) => void;
};

/** The rule as a sentence whose words are the controls. */
export function RuleEditor({ rule, vocabulary, faults, trial: tried, onChange }: Props) {
    const top = topGroup(rule.if);
    const about = aboutOf(rule, vocabulary);
    // A rule that is not finished may have been held against something else.
    const trial = tried?.of === about ? tried : null;
    const known = asked(vocabulary, about);
    const proposal = proposedName(rule, vocabulary);
    // A name that was proposed goes on being what is proposed; one that somebody wrote stays.
    const change = (next: Rule): void =>
        onChange(
            next.name === rule.name && (rule.name === '' || rule.name === proposal)
                ? { ...next, name: proposedName(next, vocabulary) }
                : next,
        );
    return (
        <div className="space-y-1">
            <div className="flex flex-wrap items-center gap-2 pb-1">
                <label className="flex flex-1 items-center gap-2">
                    <span className="w-16 text-end text-ink2">{say('screen.common.name')}</span>
                    <input
                        className="entry min-w-40 flex-1 font-semibold"
                        value={rule.name}
                        placeholder={proposal}
                        maxLength={200}
                        onChange={(event) => onChange({ ...rule, name: event.target.value })}
                    />
                </label>
                {rule.name !== proposal && (
                    <Button look="quiet" onClick={() => onChange({ ...rule, name: proposal })} title={proposal}>
                        {say('screen.rule_editor.name_it_after_what')}
                    </Button>
                )}
            </div>
            <RuleTexts rule={rule} onChange={onChange} />
            <Clause word={say('screen.rule_editor.when')}>
                <EventsEditor
                    rule={rule}
                    vocabulary={vocabulary}
                    onChange={(next) => change(fitted(next, vocabulary))}
                />
            </Clause>
            <Clause word={say('screen.rule_editor.if')}>
                <CriteriaEditor
                    kind={top.kind}
                    parts={top.parts}
                    vocabulary={known}
                    counts={countsOf(rule, trial)}
                    onChange={(next) => change({ ...rule, if: next })}
                />
                {trial !== null && <Held trial={trial} />}
            </Clause>
            {about !== 'house' && (
                <Clause word={say('screen.rule_editor.give_to')}>
                    <GiveClause rule={rule} about={about} vocabulary={vocabulary} onChange={change} />
                </Clause>
            )}
            <Clause word={say('screen.rule_editor.then')}>
                <PartsEditor
                    family="follow_up"
                    parts={rule.then ?? []}
                    about={about}
                    vocabulary={about === 'case' ? vocabulary : known}
                    add={say('screen.rule_editor.add_a_follow_up')}
                    onChange={(then) => change({ ...rule, then })}
                />
            </Clause>
            <Clause word={say('screen.rule_editor.valid_word')}>
                <Validity rule={rule} onChange={change} />
            </Clause>
            {trial !== null && trial.tasks.length > 0 && (
                <Clause word={say('screen.trial.today')}>
                    <Caught trial={trial} rule={rule.id} />
                </Clause>
            )}
            <RuleFaults faults={faults} />
        </div>
    );
}
