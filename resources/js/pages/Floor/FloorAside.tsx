import { Link, router } from '@inertiajs/react';
import type { FloorPageProps } from '@props/Floor/FloorPage';
import { say } from '@/lib/words';
import { HandoffRow } from '@/parts/HandoffLog';
import { TaskRows } from '@/parts/TaskRows';
import { ToHandOn, TooLate, Unplaced, type Gives } from '@/parts/floor/Lists';

/** Where it was. */
function CutAt({ cut, onTask }: { cut: FloorPageProps['cuts'][number]; onTask: (id: string) => void }) {
    const { taskId, caseId, customer } = cut;
    if (taskId !== null)
        return (
            <button type="button" className="text-sky underline" onClick={() => onTask(taskId)}>
                № {cut.number}
            </button>
        );
    if (caseId !== null)
        return (
            <Link href={`/cases/${caseId}`} className="text-sky underline">
                {say('case.number', { number: String(cut.number) })}
            </Link>
        );
    return customer === null ? null : (
        <Link href={`/customers?customer=${customer.value}`} className="text-sky underline">
            {customer.label}
        </Link>
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
                            <CutAt cut={cut} onTask={onTask} />
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

type Props = Pick<
    FloorPageProps,
    'unplaced' | 'tooLate' | 'answers' | 'reviews' | 'toHandOn' | 'cuts' | 'open' | 'handoffs'
> &
    Gives & { list: 'unplaced' | 'late' | null };

/** What nobody has, what will be late, and what else wants somebody. */
export function Aside({
    unplaced,
    tooLate,
    answers,
    reviews,
    toHandOn,
    cuts,
    open,
    handoffs,
    list,
    onTask,
    onGive,
}: Props) {
    const gives = { onTask, onGive };
    const late = (
        <section key="late" aria-label={say('floor.too_late')}>
            <h2 className="px-3 pt-4 pb-1 font-semibold">
                {say('floor.too_late_title')}{' '}
                <span
                    className={
                        (answers?.late.tooLate ?? tooLate.length) > 0
                            ? 'font-normal text-brick'
                            : 'font-normal text-ink2'
                    }
                >
                    {answers?.late.tooLate ?? tooLate.length}
                </span>
            </h2>
            <TooLate tasks={list === 'late' ? tooLate : tooLate.slice(0, 5)} {...gives} />
        </section>
    );
    const nobody = (
        <section key="unplaced" aria-label={say('screen.floor.unplaced')}>
            <h2 className="px-3 pt-4 pb-1 font-semibold">
                {say('screen.floor.unplaced')}{' '}
                <span
                    className={
                        (answers?.unplaced ?? unplaced.length) > 0 ? 'font-normal text-brick' : 'font-normal text-ink2'
                    }
                >
                    {answers?.unplaced ?? unplaced.length}
                </span>
            </h2>
            <Unplaced tasks={unplaced} {...gives} />
        </section>
    );
    return (
        <div className="pb-4">
            <Cuts cuts={cuts} onTask={onTask} />
            {list === 'late' ? [late, nobody] : [nobody, late]}
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
            <ToHandOn tasks={toHandOn} {...gives} />
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
