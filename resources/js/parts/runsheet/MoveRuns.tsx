import { router } from '@inertiajs/react';
import type { RunBehind, SheetView } from '@props/Runsheets/RunsheetsPage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useAsked } from '@/lib/useAsked';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';

const calledOf = ({ of }: RunBehind): string => (of === null ? say('run.of_nothing') : `${of.number} ${of.title}`);

/** What would become of a run. */
function Becomes({ run }: { run: RunBehind }) {
    const parts = (['opens', 'gone', 'passed'] as const)
        .filter((what) => run[what].length > 0)
        .map((what) => say(`run.move.${what}`, { steps: run[what].join(', ') }));
    return <span className="block text-ink2">{parts.length === 0 ? say('run.move.same') : parts.join(' · ')}</span>;
}

/** Runs that go on with an earlier version, each with what would become of it; those that are chosen are moved. */
export function MoveRuns({ sheet, onLeave }: { sheet: SheetView; onLeave: () => void }) {
    const { answer } = useAsked<{ runs: RunBehind[] }>(`/runsheets/${sheet.slug}/behind`);
    const { busy, faults, send } = useSending();
    const [out, setOut] = useState<string[]>([]);
    const [keep, setKeep] = useState(false);
    const runs = answer?.runs ?? [];
    const chosen = runs.filter((run) => !out.includes(run.id));
    const move = (): void =>
        void send(async () => {
            for (const run of chosen) {
                await ask('POST', `/runs/${run.id}/move`, JSON.stringify({ revision: run.revision, keep }));
                // Where a later one is refused, this one is not sent again.
                setOut((before) => [...before, run.id]);
            }
            onLeave();
        }).then(() => router.reload());
    return (
        <Dialog
            open
            wide
            onOpenChange={onLeave}
            title={say('run.move.title', { runsheet: sheet.name })}
            description={say('run.move.means')}
        >
            <DialogForm
                busy={busy || chosen.length === 0}
                send={say('run.move.send', { count: chosen.length })}
                onLeave={onLeave}
                onSend={move}
            >
                <ul className="max-h-[46vh] space-y-1 overflow-auto" aria-label={say('run.all')}>
                    {answer !== null && runs.length === 0 && <li>{say('run.move.none')}</li>}
                    {runs.map((run) => (
                        <li key={run.id}>
                            <label className="flex items-start gap-2">
                                <input
                                    type="checkbox"
                                    className="mt-1"
                                    aria-label={say('run.move.choose', { of: calledOf(run) })}
                                    checked={!out.includes(run.id)}
                                    onChange={() =>
                                        setOut(
                                            out.includes(run.id)
                                                ? out.filter((one) => one !== run.id)
                                                : [...out, run.id],
                                        )
                                    }
                                />
                                <span className="min-w-0">
                                    {say('run.move.of', { of: calledOf(run), version: run.version })}
                                    <Becomes run={run} />
                                </span>
                            </label>
                        </li>
                    ))}
                </ul>
                <label className="flex items-center gap-2">
                    <input type="checkbox" checked={keep} onChange={(event) => setKeep(event.target.checked)} />
                    {say('run.move.keep')}
                </label>
                <FaultList faults={faults} />
            </DialogForm>
        </Dialog>
    );
}
