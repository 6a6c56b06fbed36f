import { Head, router } from '@inertiajs/react';
import type { InHandPageProps } from '@props/Tasks/InHandPage';
import type { TaskLine } from '@props/Tasks/TaskLine';
import { duration } from '@/lib/format';
import { useShortcuts } from '@/lib/keys';
import { say } from '@/lib/words';
import { Intake } from '@/parts/Intake';
import { Notices } from '@/parts/Notices';
import { TaskPanel } from '@/parts/TaskPanel';
import { TaskRows } from '@/parts/TaskRows';

type SectionProps = {
    title: string;
    note: string;
    why?: string;
    tasks: TaskLine[];
    chosen: string | undefined;
    onChoose: (id: string) => void;
};

/** Some of the tasks under a heading; nothing where there are none. */
function Section({ title, note, why, tasks, chosen, onChoose }: SectionProps) {
    if (tasks.length === 0) return null;
    return (
        <>
            <h2 className="flex justify-between gap-3 px-3 pt-4 pb-1 font-semibold">
                {title} <span className="font-normal text-ink2">{note}</span>
            </h2>
            {why !== undefined && tasks.length > 1 && <p className="px-3 pb-1 text-xs text-ink2">{why}</p>}
            <TaskRows label={title} tasks={tasks} chosen={chosen} onChoose={onChoose} />
        </>
    );
}

function sum(tasks: TaskLine[]): number {
    return tasks.reduce((total, task) => total + task.minutesLeft, 0);
}

export default function InHand(props: InHandPageProps) {
    const { tasks, reviews, open, done, person, intake, notices, noticesInAll, chosen, task } = props;
    const choose = (id: string): void =>
        router.visit(`/in-hand?task=${id}`, { only: ['task', 'chosen'], preserveState: true, preserveScroll: true });
    const working = tasks.filter((one) => one.status === 'working');
    const next = tasks.filter((one) => one.status === 'new');
    const elsewhere = tasks.filter((one) => one.status === 'waiting' || one.status === 'in_review');
    const order = [...working, ...reviews, ...next, ...open, ...elsewhere, ...done];
    const step = (by: number): void => {
        const at = order.findIndex((one) => one.id === task?.id);
        const target = order[Math.min(Math.max(at + by, 0), order.length - 1)];
        if (target !== undefined) choose(target.id);
    };
    useShortcuts('page', say('keys.in_hand'), [
        { key: ',', does: say('keys.before'), run: () => step(-1) },
        { key: '.', does: say('keys.after'), run: () => step(1) },
    ]);

    return (
        <div className="grid h-full grid-cols-1 md:grid-cols-[minmax(340px,420px)_1fr]">
            <Head title={say('screen.in_hand.in_hand')} />
            <h1 className="sr-only">{say('screen.in_hand.in_hand')}</h1>
            <nav
                aria-label={say('screen.in_hand.my_tasks')}
                className={`overflow-auto border-e border-line bg-paper pb-4 ${chosen ? 'hidden md:block' : ''}`}
            >
                {!person && <p className="p-4">{say('screen.in_hand.you_are_signed_in')}</p>}
                {intake !== null && <Intake intake={intake} own />}
                <Notices notices={notices} inAll={noticesInAll} onTask={choose} />
                {person && order.length === 0 && <p className="p-4">{say('screen.in_hand.nothing_is_in_your')}</p>}
                <Section
                    title={say('screen.in_hand.working')}
                    note={duration(sum(working))}
                    tasks={working}
                    chosen={task?.id}
                    onChoose={choose}
                />
                <Section
                    title={say('screen.in_hand.to_review')}
                    note={say('screen.common.tasks', { count: reviews.length })}
                    tasks={reviews}
                    chosen={task?.id}
                    onChoose={choose}
                />
                <Section
                    title={say('screen.common.next')}
                    why={say('in_hand.order')}
                    note={say('screen.in_hand.tasks_and_time', { count: next.length, time: duration(sum(next)) })}
                    tasks={next}
                    chosen={task?.id}
                    onChoose={choose}
                />
                <Section
                    title={say('screen.in_hand.open_to_claim')}
                    note={say('screen.common.tasks', { count: open.length })}
                    tasks={open}
                    chosen={task?.id}
                    onChoose={choose}
                />
                <Section
                    title={say('screen.in_hand.waiting_or_being_reviewed')}
                    note={say('screen.common.tasks', { count: elsewhere.length })}
                    tasks={elsewhere}
                    chosen={task?.id}
                    onChoose={choose}
                />
                <Section
                    title={say('screen.in_hand.done_today')}
                    note={say('screen.common.tasks', { count: done.length })}
                    tasks={done}
                    chosen={task?.id}
                    onChoose={choose}
                />
            </nav>
            <section
                aria-label={say('screen.in_hand.the_open_task')}
                className={`overflow-auto ${chosen ? '' : 'hidden md:block'}`}
            >
                {task === null ? (
                    <p className="p-6 text-ink2">{say('screen.in_hand.choose_a_task_at')}</p>
                ) : (
                    <div className="mx-auto max-w-3xl">
                        {chosen && (
                            <button
                                type="button"
                                className="p-3 text-sky md:hidden"
                                onClick={() => router.visit('/in-hand')}
                            >
                                {say('screen.in_hand.back_to_the_list')}
                            </button>
                        )}
                        <TaskPanel key={task.id} task={task} place="in-hand" keys />
                    </div>
                )}
            </section>
        </div>
    );
}
