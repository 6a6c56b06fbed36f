import { Head, Link, router } from '@inertiajs/react';
import type { RolloutDeed, RolloutPageProps, RolloutProgress, RolloutRow } from '@props/Rollouts/RolloutPage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { useProgress } from '@/lib/progress';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { PersonName } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';

const isOver = (_: RolloutProgress, answer: RolloutProgress): boolean => answer.left === 0;

/** How much of a part is done, late, and open. */
function Bar({ row }: { row: RolloutRow }) {
    const share = (part: number): string => `${row.tasks === 0 ? 0 : (100 * part) / row.tasks}%`;
    return (
        <span aria-hidden className="flex h-2 w-full border border-line">
            <span className="bg-pine" style={{ width: share(row.done) }} />
            <span className="bg-brick" style={{ width: share(row.late) }} />
        </span>
    );
}

function Part({ row }: { row: RolloutRow }) {
    const isDone = row.tasks > 0 && row.done === row.tasks;
    return (
        <>
            <td className="px-3 py-1.5 tabular-nums">
                {say('rollout.done_of', { done: row.done, total: row.tasks })}
                {row.late > 0 && <span className="text-brick"> · {say('rollout.late', { count: row.late })}</span>}
                {isDone && <span className="text-pine"> · {say('rollout.part_done')}</span>}
            </td>
            <td className="w-48 px-3 py-1.5" colSpan={2}>
                <Bar row={row} />
            </td>
        </>
    );
}

function Leaf({ row }: { row: RolloutRow }) {
    const formats = useFormats();
    const { task } = row;
    const holder = task === null ? row.holder : task.holder;
    const dueAt = task?.dueAt ?? null;
    return (
        <>
            <td className="px-3 py-1.5">
                {task === null ? (
                    <span className="text-ink2">
                        {row.title} · {say(`rollout.node_state.${row.state ?? 'planned'}`)}
                    </span>
                ) : (
                    <Link href={`/tasks/${task.id}`} className="text-sky underline">
                        <span className="font-mono">{task.number}</span> {row.title}
                    </Link>
                )}
            </td>
            <td className="px-3 py-1.5">
                {holder === null ? (
                    <span className="text-ink2">{say('rollout.nobody')}</span>
                ) : (
                    <PersonName {...holder} />
                )}
            </td>
            <td className={`px-3 py-1.5 whitespace-nowrap ${row.late > 0 ? 'text-brick' : ''}`}>
                {task !== null && say(`status.${task.status}`)}
                {row.late > 0 && dueAt !== null && ` · ${formats.moment(dueAt)}`}
            </td>
        </>
    );
}

/** The tree, each part with what is in it. */
function Parts({ rows, left }: Pick<RolloutPageProps, 'rows' | 'left'>) {
    return (
        <div className="mx-4 overflow-x-auto" tabIndex={0} role="region" aria-label={say('rollout.tree_of')}>
            <table className="box w-full text-start">
                <caption className="sr-only">{say('rollout.tree_of')}</caption>
                <tbody>
                    {rows.map((row) => (
                        <tr key={row.node} className="border-t border-line first:border-0">
                            <th
                                scope="row"
                                className={`py-1.5 text-start ${row.state === null ? 'font-semibold' : 'font-normal'}`}
                                style={{ paddingInlineStart: `${12 + row.depth * 20}px` }}
                            >
                                {row.name}
                            </th>
                            {row.state === null ? <Part row={row} /> : <Leaf row={row} />}
                        </tr>
                    ))}
                </tbody>
            </table>
            {left > 0 && <p className="py-2 text-ink2">{say('rollout.not_listed', { count: left })}</p>}
        </div>
    );
}

/** A rollout on its tree: what is done, late and open in each part. */
export default function Rollout({ rollout, can, rows, left }: RolloutPageProps) {
    const formats = useFormats();
    const { busy, faults, send } = useSending();
    const [asking, setAsking] = useState(false);
    const [reminded, setReminded] = useState<number | null>(null);
    const underWay = rollout.state === 'making' || rollout.state === 'undoing';
    const [before] = useState<RolloutProgress>({ made: rollout.made, left: 1 });
    const progress = useProgress(`/rollouts/${rollout.id}/progress`, before, underWay ? 1500 : null, isOver);
    const tell = (deed: RolloutDeed): void =>
        void send(async () => {
            const told = await ask<{ reminded: number }>(
                'POST',
                `/rollouts/${rollout.id}/deed`,
                JSON.stringify({ deed }),
            );
            setAsking(false);
            setReminded(deed === 'remind' ? told.reminded : null);
            router.reload();
        });
    return (
        <>
            <Head title={rollout.name} />
            <header className="flex flex-wrap items-center gap-3 px-4 py-3">
                <div className="min-w-0 flex-1">
                    <h1 className="text-lg">{rollout.name}</h1>
                    <p className="text-ink2" role="status">
                        {say(`rollout.state.${rollout.state}`, {
                            made: underWay ? progress.made : rollout.made,
                            total: rollout.total,
                            moment: rollout.makesAt === null ? '' : formats.moment(rollout.makesAt),
                        })}{' '}
                        ·{' '}
                        {say('rollout.begun_by', {
                            moment: formats.moment(rollout.begunAt),
                            by: rollout.begunBy ?? 'none',
                        })}
                        {reminded !== null && ` · ${say('rollout.reminded', { count: reminded })}`}
                    </p>
                    {rollout.failed > 0 && (
                        <p className="text-brick">{say('rollout.failed', { count: rollout.failed })}</p>
                    )}
                </div>
                <Link href="/rollouts" className="text-sky underline">
                    {say('rollout.all')}
                </Link>
                <Link href={`/rollouts/${rollout.id}/again`} className="text-sky underline">
                    {say('rollout.again')}
                </Link>
                {can.map((deed) => (
                    <Button
                        key={deed}
                        look={deed === 'take_back' ? 'grave' : 'plain'}
                        disabled={busy}
                        onClick={() => (deed === 'take_back' ? setAsking(true) : tell(deed))}
                    >
                        {say(`rollout.deed.${deed}`)}
                    </Button>
                ))}
            </header>
            <div className="px-4">
                <FaultList faults={faults} />
            </div>
            <Parts rows={rows} left={left} />
            <Dialog
                open={asking}
                onOpenChange={setAsking}
                title={say('rollout.deed.take_back')}
                description={say('rollout.take_back_means')}
            >
                <DialogForm
                    look="grave"
                    busy={busy}
                    send={say('rollout.deed.take_back')}
                    onLeave={() => setAsking(false)}
                    onSend={() => tell('take_back')}
                >
                    <FaultList faults={faults} />
                </DialogForm>
            </Dialog>
        </>
    );
}
