import type { RolloutPreview } from '@props/Rollouts/RolloutEditorPage';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';
import { saysFault } from '@/parts/written/WrittenAside';
import { Button } from '@/ui/Button';

type Plan = NonNullable<RolloutPreview['plan']>;

/** Whom it is too much for, perhaps: what comes to each, beside what they have. */
function Loads({ plan }: { plan: Plan }) {
    const most = Math.max(1, ...plan.people.map((one) => one.tasks + one.open));
    return (
        <section aria-label={say('rollout.preview_load')}>
            <h3 className="mt-3 font-semibold">{say('rollout.preview_load')}</h3>
            <ul>
                {plan.people.map((one) => (
                    <li key={one.person.slug} className="grid grid-cols-[1fr_auto] items-center gap-x-3 py-0.5">
                        <PersonName {...one.person} />
                        <span className="text-ink2 tabular-nums">
                            <strong className="text-ink">{one.tasks}</strong> ·{' '}
                            {say('rollout.preview_open', { count: one.open })}
                        </span>
                        <span aria-hidden className="col-span-2 flex h-1.5">
                            <span className="bg-pine" style={{ width: `${(100 * one.tasks) / most}%` }} />
                            <span className="bg-line" style={{ width: `${(100 * one.open) / most}%` }} />
                        </span>
                    </li>
                ))}
            </ul>
        </section>
    );
}

function Tasks({ plan, onLeaveOut }: { plan: Plan; onLeaveOut: (node: string) => void }) {
    return (
        <ol className="mt-2" aria-label={say('rollout.preview')}>
            {plan.tasks.map((task) => (
                <li key={task.node} className="flex items-start gap-2 border-t border-line py-1">
                    <span className="min-w-0 flex-1">
                        <span className="block break-words">{task.title}</span>
                        <span className={task.isGap ? 'text-brick' : 'text-ink2'}>
                            {task.holder === null ? (
                                say(task.isGap ? 'rollout.nobody' : 'rollout.by_rules')
                            ) : (
                                <PersonName {...task.holder} />
                            )}
                            {task.standsIn !== null &&
                                ` · ${say('rollout.stands_in', { person: task.standsIn.person?.name ?? 'none' })}`}
                            {task.from !== null && ` · ${say('rollout.from', { node: task.from })}`}
                            {task.reviewer !== null && ` · ${task.reviewer.name}`}
                        </span>
                    </span>
                    <Button
                        look="quiet"
                        className="min-h-6 text-ink2"
                        aria-label={say('rollout.leave_out_of', { node: task.name })}
                        onClick={() => onLeaveOut(task.node)}
                    >
                        {say('rollout.leave_out')}
                    </Button>
                </li>
            ))}
        </ol>
    );
}

/** Every task before any is made: whose, how many each, and where nobody answers. */
export function PlanAside({
    preview,
    onLeaveOut,
}: {
    preview: RolloutPreview | null;
    onLeaveOut: (node: string) => void;
}) {
    const plan = preview?.plan ?? null;
    return (
        <aside
            className="box self-start p-4 lg:sticky lg:top-16 lg:max-h-[80vh] lg:overflow-auto"
            aria-live="polite"
            aria-label={say('rollout.preview')}
        >
            <h2 className="font-semibold">
                {plan === null ? say('rollout.preview') : say('rollout.preview_total', { count: plan.total })}
            </h2>
            {preview?.faults.map((fault) => (
                <p key={fault.pointer + fault.reason} className={fault.unfinished ? 'text-ochre' : 'text-brick'}>
                    {saysFault(fault)}
                </p>
            ))}
            {plan !== null && (
                <>
                    {plan.gaps > 0 && (
                        <p className="font-semibold text-brick">{say('rollout.preview_gaps', { count: plan.gaps })}</p>
                    )}
                    <Loads plan={plan} />
                    <Tasks plan={plan} onLeaveOut={onLeaveOut} />
                    {plan.total > plan.tasks.length && (
                        <p className="text-ink2">
                            {say('rollout.preview_more', { count: plan.total - plan.tasks.length })}
                        </p>
                    )}
                </>
            )}
        </aside>
    );
}
