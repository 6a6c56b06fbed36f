import { Head, router } from '@inertiajs/react';
import type { InHandPageProps } from '@props/Tasks/InHandPage';
import { useState } from 'react';
import { groupsOf, inOrder } from '@/lib/inHand';
import { useShortcuts } from '@/lib/keys';
import { useNow } from '@/lib/useNow';
import { say } from '@/lib/words';
import { Several } from '@/parts/inHand/Several';
import { TaskGroups } from '@/parts/inHand/TaskGroups';
import { Today } from '@/parts/inHand/Today';
import { Intake } from '@/parts/Intake';
import { Notices } from '@/parts/Notices';
import { TaskPanel } from '@/parts/TaskPanel';

export default function InHand(props: InHandPageProps) {
    const { tasks, reviews, open, done, plan, person, intake, notices, noticesInAll, chosen, task } = props;
    // What was put off comes back when its moment has come, whether anything else happens or not.
    const now = useNow(
        20,
        tasks.map((one) => one.startsAt),
    );
    const groups = groupsOf(tasks, { reviews, open, done }, now);
    const order = inOrder(groups);
    // Those that are ticked, for several at once; null: none are to be.
    const [ticked, setTicked] = useState<string[] | null>(null);
    const choose = (id: string): void =>
        router.visit(`/in-hand?task=${id}`, { only: ['task', 'chosen'], preserveState: true, preserveScroll: true });
    const step = (by: number): void => {
        const at = order.findIndex((one) => one.id === task?.id);
        const target = order[Math.min(Math.max(at + by, 0), order.length - 1)];
        if (target !== undefined) choose(target.id);
    };
    const tick = (id: string): void =>
        setTicked((last) => (last?.includes(id) === true ? last.filter((one) => one !== id) : [...(last ?? []), id]));
    useShortcuts('page', say('keys.in_hand'), [
        { key: ',', does: say('keys.before'), run: () => step(-1) },
        { key: '.', does: say('keys.after'), run: () => step(1) },
        { key: 'x', does: say('keys.choose'), run: () => task !== null && tick(task.id) },
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
                {plan !== null && <Today plan={plan} several={ticked !== null} onSeveral={() => setTicked([])} />}
                {ticked !== null && (
                    <Several
                        ids={ticked}
                        tasks={tasks.filter((one) => ticked.includes(one.id))}
                        onDone={() => setTicked(null)}
                    />
                )}
                <Notices notices={notices} inAll={noticesInAll} onTask={choose} />
                {person && order.length === 0 && <p className="p-4">{say('screen.in_hand.nothing_is_in_your')}</p>}
                <TaskGroups
                    groups={groups}
                    finishes={plan?.finishes ?? {}}
                    now={now}
                    chosen={task?.id}
                    ticked={ticked}
                    onChoose={choose}
                    onTick={tick}
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
                                className="min-h-11 p-3 text-sky md:hidden"
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
