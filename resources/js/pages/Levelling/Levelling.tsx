import { Head, Link, router } from '@inertiajs/react';
import type { LevellingPageProps } from '@props/Levelling/LevellingPage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { late, over, useLevelling } from '@/lib/levelling';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { Moves } from '@/parts/levelling/Moves';
import { StartLevelling } from '@/parts/levelling/StartLevelling';
import { Bound, Figures, People } from '@/parts/levelling/Worth';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';

/** What was done with it, and by whom. */
function Since({ levelling }: Pick<LevellingPageProps, 'levelling'>) {
    const { moment } = useFormats();
    return (
        <p className="text-ink2">
            {over(levelling)} · {say('level.asked_by', { person: levelling.by, moment: moment(levelling.begunAt) })}
            {levelling.appliedAt !== null && (
                <>
                    {' '}
                    ·{' '}
                    <b className="font-medium">
                        {say('level.applied_by', {
                            person: levelling.appliedBy ?? '',
                            moment: moment(levelling.appliedAt),
                        })}
                    </b>
                </>
            )}
            {levelling.undoneAt !== null && (
                <>
                    {' '}
                    · <b className="font-medium">{say('level.undone_at', { moment: moment(levelling.undoneAt) })}</b>
                </>
            )}
        </p>
    );
}

/** How far it is, and what can be done with it now. */
function Steering({ page, onAgain }: { page: LevellingPageProps; onAgain: () => void }) {
    const [undoing, setUndoing] = useState(false);
    const { levelling, plan, begun } = page;
    const progress = useLevelling(levelling.id, page.progress);
    const go = (what: 'stop' | 'apply' | 'undo'): void =>
        router.post(`/levellings/${levelling.id}/${what}`, {}, { preserveScroll: true, preserveState: true });
    const count = plan?.groups.filter((one) => !one.left).reduce((sum, one) => sum + one.moves.length, 0) ?? 0;
    if (progress.state === 'working') {
        return (
            <div className="flex items-center gap-3" role="status">
                <progress
                    className="w-40 accent-pine"
                    aria-label={say('level.states.working')}
                    max={progress.budget}
                    value={progress.steps}
                />
                <span className="tabular-nums">
                    {progress.best === null
                        ? say('level.states.working')
                        : say('level.so_far', { before: late(progress.before), best: late(progress.best) })}
                </span>
                <Button onClick={() => go('stop')}>{say('level.stop')}</Button>
            </div>
        );
    }
    return (
        <div className="flex items-center gap-2">
            <Button onClick={onAgain}>{say('level.again')}</Button>
            {levelling.state === 'ready' && count + (plan?.groups.length ?? 0) > 0 && (
                <Button look="main" disabled={count === 0} onClick={() => go('apply')}>
                    {say('level.take', { count })}
                </Button>
            )}
            {levelling.state === 'applied' && (
                <Button disabled={begun > 0} onClick={() => setUndoing(true)}>
                    {say('level.undo')}
                </Button>
            )}
            <Dialog
                open={undoing}
                onOpenChange={setUndoing}
                title={say('level.undo_title')}
                description={say('level.undo_means')}
            >
                <DialogForm
                    send={say('level.undo')}
                    onLeave={() => setUndoing(false)}
                    onSend={() => {
                        setUndoing(false);
                        go('undo');
                    }}
                >
                    {null}
                </DialogForm>
            </Dialog>
        </div>
    );
}

function nothingSaid(before: number | null): string {
    return (before ?? 0) === 0 ? say('level.nothing') : say('level.no_help', { late: late(before) });
}

/** Who else should have which task, what that comes to, and what of it is taken. */
export default function Levelling(page: LevellingPageProps) {
    const { levelling, plan, options, begun } = page;
    const [again, setAgain] = useState(false);
    const { busy, send } = useSending();
    const take = (group: number, left: boolean): void =>
        void send(async () => {
            await ask('PUT', `/levellings/${levelling.id}/moves`, JSON.stringify({ group, left }));
            router.reload();
        });
    return (
        <div className="flex h-full flex-col bg-paper">
            <Head title={say('level.title')} />
            <header className="space-y-1 border-b border-line px-5 py-3">
                <div className="flex items-start gap-3">
                    <div className="min-w-0 flex-1">
                        <h1 className="text-xl font-semibold">
                            {plan === null
                                ? say('level.title')
                                : say('level.line', {
                                      before: late(plan.before.late),
                                      after: late(plan.after.late),
                                      moves: plan.after.moves ?? 0,
                                  })}
                        </h1>
                        <Since levelling={levelling} />
                    </div>
                    <Steering page={page} onAgain={() => setAgain(true)} />
                </div>
                {levelling.why !== null && levelling.state !== 'working' && (
                    <p className="text-ochre">{say(`level.why.${levelling.why}`)}</p>
                )}
                {begun > 0 && <p className="text-ink2">{say('level.begun', { count: begun })}</p>}
                <p>
                    <Link href="/levellings" className="text-sky underline">
                        {say('level.all')}
                    </Link>
                </p>
            </header>
            {plan !== null && (
                <div className="flex min-h-0 flex-1">
                    <div
                        className="min-w-0 flex-1 overflow-auto"
                        aria-busy={busy}
                        tabIndex={0}
                        role="region"
                        aria-label={say('level.moves')}
                    >
                        {plan.groups.length === 0 ? (
                            <p className="p-5">{nothingSaid(plan.before.late)}</p>
                        ) : (
                            <Moves groups={plan.groups} onTake={levelling.state === 'ready' ? take : null} />
                        )}
                    </div>
                    <aside
                        tabIndex={0}
                        aria-label={say('level.people')}
                        className="w-104 shrink-0 space-y-4 overflow-auto border-s border-line p-4"
                    >
                        <Figures before={plan.before} after={plan.after} />
                        <Bound plan={plan} />
                        <People people={plan.people} />
                        {levelling.state === 'ready' && plan.groups.length > 0 && (
                            <p className="text-xs text-ink2">{say('level.taken')}</p>
                        )}
                    </aside>
                </div>
            )}
            <StartLevelling options={options} open={again} onOpen={setAgain} />
        </div>
    );
}
