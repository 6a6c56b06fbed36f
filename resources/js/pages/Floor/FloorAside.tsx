import { Link, router } from '@inertiajs/react';
import type { FloorPageProps } from '@props/Tasks/FloorPage';
import { say } from '@/lib/words';
import { HandoffRow } from '@/parts/HandoffLog';
import { TaskRows } from '@/parts/TaskRows';

/** What somebody else should do, with what whoever has it says of it. */
function ToHandOn({ tasks, onTask }: { tasks: FloorPageProps['toHandOn']; onTask: (id: string) => void }) {
    if (tasks.length === 0) return null;
    return (
        <section aria-label={say('screen.floor.somebody_else')}>
            <h2 className="px-3 pt-4 pb-1 font-semibold">
                {say('screen.floor.somebody_else')} <span className="font-normal text-ochre">{tasks.length}</span>
            </h2>
            <ul>
                {tasks.map((task) => (
                    <li key={task.id} className="border-t border-line">
                        <button
                            type="button"
                            className="block w-full px-3 py-1.5 text-start hover:bg-pine-wash"
                            onClick={() => onTask(task.id)}
                        >
                            <span className="font-mono text-xs text-ink2">{task.number}</span>{' '}
                            <span className="font-medium">{task.title}</span>
                            <span className="block text-xs text-ink2">
                                {say('screen.floor.somebody_else_why', {
                                    person: task.holder?.name ?? '',
                                    note: task.note ?? 'none',
                                })}
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** That rules went round, or failed, with what to do about it. */
function Cuts({ cuts, onTask }: Pick<FloorPageProps, 'cuts'> & { onTask: (id: string) => void }) {
    if (cuts.length === 0) return null;
    return (
        <section aria-label={say('screen.floor.rules_to_look_at')} className="border-b border-line">
            <h2 className="px-3 pt-4 pb-1 font-semibold text-ochre">
                {say('screen.floor.rules_to_look_at_count', { count: cuts.length })}
            </h2>
            <ul>
                {cuts.map((cut) => (
                    <li key={cut.id} className="border-t border-line px-3 py-2">
                        <p className="font-medium">{cut.said}</p>
                        <p className="text-sm text-ink2">{cut.what}</p>
                        <p className="flex gap-3 text-sm">
                            <button type="button" className="text-sky underline" onClick={() => onTask(cut.taskId)}>
                                № {cut.number}
                            </button>
                            <Link
                                href={
                                    cut.rules[0] === undefined
                                        ? '/rulebook'
                                        : `/rulebook?rule=${encodeURIComponent(cut.rules[0])}`
                                }
                                className="text-sky underline"
                            >
                                {say('screen.floor.the_rulebook')}
                            </Link>
                            <button
                                type="button"
                                className="ms-auto text-sky underline"
                                onClick={() => router.post(`/cuts/${cut.id}/seen`, {}, { preserveScroll: true })}
                            >
                                {say('screen.floor.seen')}
                            </button>
                        </p>
                    </li>
                ))}
            </ul>
        </section>
    );
}

export function Aside({
    unplaced,
    reviews,
    toHandOn,
    cuts,
    open,
    handoffs,
    onTask,
}: Pick<FloorPageProps, 'unplaced' | 'reviews' | 'toHandOn' | 'cuts' | 'open' | 'handoffs'> & {
    onTask: (id: string) => void;
}) {
    return (
        <div className="pb-4">
            <Cuts cuts={cuts} onTask={onTask} />
            <h2 className="px-3 pt-4 pb-1 font-semibold">
                {say('screen.floor.unplaced')}{' '}
                <span className={`font-normal ${unplaced.length > 0 ? 'text-brick' : 'text-ink2'}`}>
                    {unplaced.length}
                </span>
            </h2>
            {unplaced.length === 0 ? (
                <p className="px-3 text-ink2">{say('screen.floor.every_task_has_found')}</p>
            ) : (
                <TaskRows
                    label={say('screen.floor.unplaced_tasks')}
                    tasks={unplaced}
                    chosen={undefined}
                    onChoose={onTask}
                />
            )}
            {reviews.length > 0 && (
                <>
                    <h2 className="px-3 pt-4 pb-1 font-semibold">
                        {say('screen.floor.to_be_reviewed_by')}{' '}
                        <span className="font-normal text-brick">{reviews.length}</span>
                    </h2>
                    <TaskRows
                        label={say('screen.floor.to_be_reviewed_by')}
                        tasks={reviews}
                        chosen={undefined}
                        onChoose={onTask}
                    />
                </>
            )}
            <ToHandOn tasks={toHandOn} onTask={onTask} />
            {open > 0 && (
                <p className="border-t border-line px-3 pt-2 text-ink2">
                    {say('screen.floor.open_to_claim', { count: open })}
                </p>
            )}
            <h2 className="px-3 pt-6 pb-1 font-semibold">{say('screen.floor.latest_handoffs')}</h2>
            {handoffs.length === 0 ? (
                <p className="px-3 text-ink2">{say('screen.floor.when_a_task_changes')}</p>
            ) : (
                <ul className="px-3" aria-label={say('screen.floor.latest_handoffs')}>
                    {handoffs.map((handoff) => (
                        <HandoffRow key={handoff.id} handoff={handoff} withTask onTask={onTask} />
                    ))}
                </ul>
            )}
        </div>
    );
}
