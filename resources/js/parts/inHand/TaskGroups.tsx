import type { TaskLine } from '@props/Tasks/TaskLine';
import { duration } from '@/lib/format';
import { whyFirst, type InHandGroups } from '@/lib/inHand';
import { say } from '@/lib/words';
import { TaskRows } from '@/parts/TaskRows';

type Props = {
    groups: InHandGroups;
    /** when each will be done as planned, by id */
    finishes: Record<string, string>;
    now: number;
    chosen: string | undefined;
    /** null: none are to be ticked */
    ticked: string[] | null;
    onChoose: (id: string) => void;
    onTick: (id: string) => void;
};

const TITLES: Record<keyof InHandGroups, string> = {
    working: 'screen.in_hand.working',
    reviews: 'screen.in_hand.to_review',
    next: 'screen.common.next',
    open: 'screen.in_hand.open_to_claim',
    elsewhere: 'screen.in_hand.waiting_or_being_reviewed',
    later: 'in_hand.later',
    done: 'screen.in_hand.done_today',
};

/** What can be done with several at once is done with what one holds. */
const TICKED: (keyof InHandGroups)[] = ['working', 'next', 'later'];

function note(group: keyof InHandGroups, tasks: TaskLine[]): string {
    const minutes = duration(tasks.reduce((total, task) => total + task.minutesLeft, 0));
    if (group === 'working') return minutes;
    return group === 'next'
        ? say('screen.in_hand.tasks_and_time', { count: tasks.length, time: minutes })
        : say('screen.common.tasks', { count: tasks.length });
}

/** What is in somebody's hands, each part under its heading; a part where nothing is, is not there. */
export function TaskGroups({ groups, finishes, now, chosen, ticked, onChoose, onTick }: Props) {
    const why = whyFirst(groups.next, now);
    return (Object.keys(TITLES) as (keyof InHandGroups)[])
        .filter((group) => groups[group].length > 0)
        .map((group) => (
            <section key={group} aria-label={say(TITLES[group])}>
                <h2 className="flex justify-between gap-3 px-3 pt-4 pb-1 font-semibold">
                    {say(TITLES[group])} <span className="font-normal text-ink2">{note(group, groups[group])}</span>
                </h2>
                {group === 'next' && why !== null && (
                    <p className="px-3 pb-1 text-xs text-ink2" title={say('in_hand.order')}>
                        {say(`in_hand.why.${why}`)}
                    </p>
                )}
                <TaskRows
                    label={say(TITLES[group])}
                    tasks={groups[group]}
                    finishes={finishes}
                    chosen={chosen}
                    ticked={TICKED.includes(group) ? ticked : null}
                    onChoose={onChoose}
                    onTick={onTick}
                />
            </section>
        ));
}
