import type { Rule } from '@props/RulebookPage';
import type { Vocabulary } from '@props/Vocabulary';
import type { ReactNode } from 'react';
import { topGroup } from '@/lib/criteria';
import { proposedName } from '@/lib/sentence';
import { Button } from '@/ui/Button';
import { CriteriaEditor } from './CriteriaEditor';
import { firstGive, GiveEditor } from './GiveEditor';
import { FollowUpsEditor } from './FollowUpsEditor';

function Clause({ word, children }: { word: string; children: ReactNode }) {
    return (
        <div className="grid grid-cols-[64px_1fr] gap-2 border-t border-line py-1.5 first:border-0">
            <span className="pt-1 text-right text-ink2">{word}</span>
            <div className="min-w-0 pt-0.5">{children}</div>
        </div>
    );
}

function withoutGive(rule: Rule): Rule {
    const rest = { ...rule };
    delete rest.give;
    return rest;
}

type Props = { rule: Rule; vocabulary: Vocabulary; faults: string[]; onChange: (rule: Rule) => void };

/** The rule as a sentence whose words are the controls. */
export function RuleEditor({ rule, vocabulary, faults, onChange }: Props) {
    const top = topGroup(rule.if);
    const proposal = proposedName(rule, vocabulary);
    return (
        <div className="space-y-1">
            <div className="flex flex-wrap items-center gap-2 pb-1">
                <label className="flex flex-1 items-center gap-2">
                    <span className="w-16 text-right text-ink2">Name</span>
                    <input className="entry min-w-40 flex-1 font-semibold" value={rule.name} maxLength={200} aria-invalid={rule.name.trim() === ''} onChange={(event) => onChange({ ...rule, name: event.target.value })} />
                </label>
                {rule.name !== proposal && (
                    <Button look="quiet" onClick={() => onChange({ ...rule, name: proposal })} title={proposal}>
                        Name it after what it does
                    </Button>
                )}
            </div>
            <Clause word="When">
                <strong className="inline-block pt-0.5">a task arrives</strong>
            </Clause>
            <Clause word="if">
                <CriteriaEditor kind={top.kind} parts={top.parts} vocabulary={vocabulary} onChange={(next) => onChange({ ...rule, if: next })} />
            </Clause>
            <Clause word="give to">
                {rule.give === undefined ? (
                    <>
                        <span>nobody; it only carries its follow-ups and the search goes on. </span>
                        <Button look="quiet" onClick={() => onChange({ ...rule, give: firstGive(vocabulary) })}>
                            Give it to somebody
                        </Button>
                    </>
                ) : (
                    <>
                        <GiveEditor give={rule.give} vocabulary={vocabulary} onChange={(give) => onChange({ ...rule, give })} />
                        <Button
                            look="quiet"
                            onClick={() => onChange(withoutGive(rule))}
                        >
                            Give it to nobody
                        </Button>
                    </>
                )}
            </Clause>
            <Clause word="then">
                <FollowUpsEditor followUps={rule.then ?? []} onChange={(then) => onChange({ ...rule, then })} />
            </Clause>
            {faults.length > 0 && (
                <ul role="alert" className="border-t border-line py-2 pl-18 text-brick">
                    {faults.map((fault) => (
                        <li key={fault}>{fault}</li>
                    ))}
                </ul>
            )}
        </div>
    );
}
