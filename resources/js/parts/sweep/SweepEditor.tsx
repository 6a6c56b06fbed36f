import type { NamedSweep, SweepDocument, SweepsPageProps } from '@props/Sweeps/SweepsPage';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { BLANK, topGroup } from '@/lib/criteria';
import { without } from '@/lib/rules';
import { startSweep } from '@/lib/sweeps';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { PersonChoice } from '@/parts/PersonChoice';
import { Clause } from '@/parts/rule/Clause';
import { CriteriaEditor } from '@/parts/rule/CriteriaEditor';
import { PartsEditor } from '@/parts/rule/PartEditor';
import { Button } from '@/ui/Button';

/** Of which nothing is guessed. */
const NEW: SweepDocument = { if: { all: [BLANK] }, then: [] };

type Props = Pick<SweepsPageProps, 'vocabulary' | 'changing'> & { sweep: NamedSweep | null };

/** A sweep in the words of a rule: which tasks, who gets them, what else changes. */
export function SweepEditor({ sweep, vocabulary, changing }: Props) {
    const [name, setName] = useState(sweep?.name ?? '');
    const [document, setDocument] = useState<SweepDocument>(sweep?.document ?? NEW);
    const { busy, wrong, faults, send } = useSending();
    const top = topGroup(document.if);
    const save = (then: (id: string) => void): void =>
        void send(async () => {
            const body = JSON.stringify({ name, document, revision: sweep?.revision ?? null });
            const { id } = await ask<{ id: string }>(
                sweep === null ? 'POST' : 'PUT',
                sweep === null ? '/rulebook/sweeps' : `/rulebook/sweeps/${sweep.id}`,
                body,
            );
            then(id);
        });
    const show = (id: string): void => router.visit('/rulebook/sweeps', { data: { sweep: id } });
    return (
        <form
            className="space-y-1"
            onSubmit={(event) => {
                event.preventDefault();
                save(show);
            }}
        >
            <label className="flex items-center gap-2 pb-1">
                <span className="w-16 text-end text-ink2">{say('screen.common.name')}</span>
                <input
                    className="entry min-w-40 flex-1 font-semibold"
                    value={name}
                    placeholder={say('screen.sweeps.new_name')}
                    maxLength={200}
                    aria-invalid={wrong['/name'] !== undefined}
                    onChange={(event) => setName(event.target.value)}
                />
            </label>
            <Clause word={say('screen.rule_editor.if')}>
                <CriteriaEditor
                    kind={top.kind}
                    parts={top.parts}
                    vocabulary={vocabulary}
                    onChange={(next) => setDocument({ ...document, if: next })}
                />
            </Clause>
            <Clause word={say('screen.sweeps.hand_to')}>
                <PersonChoice
                    aria-label={say('screen.sweeps.hand_to')}
                    className="w-72"
                    people={vocabulary.people}
                    first={[{ value: '', label: say('screen.sweeps.keeps') }]}
                    value={document.hand_to ?? ''}
                    onChange={(next) =>
                        setDocument(next === '' ? without(document, 'hand_to') : { ...document, hand_to: next })
                    }
                />
            </Clause>
            <Clause word={say('screen.sweeps.change')}>
                <PartsEditor
                    family="follow_up"
                    parts={document.then ?? []}
                    vocabulary={vocabulary}
                    only={changing}
                    add={say('screen.sweeps.add')}
                    onChange={(then) => setDocument({ ...document, then })}
                />
            </Clause>
            <FaultList faults={faults} />
            <div className="flex items-center gap-2 border-t border-line pt-3">
                <Button type="submit" disabled={busy}>
                    {say('screen.common.save')}
                </Button>
                <Button
                    look="main"
                    disabled={busy}
                    onClick={() => save((id) => void startSweep({ sweep: id, filter: {} }))}
                >
                    {say('screen.sweeps.look')}
                </Button>
                <span className="flex-1 text-xs text-ink2">{say('screen.sweeps.look_hint')}</span>
                {sweep !== null && (
                    <Button look="quiet" onClick={() => router.delete(`/rulebook/sweeps/${sweep.id}`)}>
                        {say('screen.sweeps.remove')}
                    </Button>
                )}
            </div>
        </form>
    );
}
