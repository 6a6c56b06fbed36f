import { Link, router } from '@inertiajs/react';
import type { InHandPageProps } from '@props/Tasks/InHandPage';
import { duration } from '@/lib/format';
import { load } from '@/lib/load';
import { useShared } from '@/lib/shared';
import { useNow } from '@/lib/useNow';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

type Plan = NonNullable<InHandPageProps['plan']>;

/** How full what is left of today is, what one's time is counted on, and what one may add. */
export function Today({ plan, several, onSeveral }: { plan: Plan; several: boolean; onSeveral: () => void }) {
    const { viewer } = useShared();
    return (
        <div className="border-t border-line px-3 py-2 text-sm">
            <p className={plan.planned > 0 && plan.planned >= plan.capacity ? 'text-ochre' : 'text-ink2'}>
                {plan.capacity === 0
                    ? say('in_hand.free')
                    : say('in_hand.today', { planned: load(plan.planned), capacity: load(plan.capacity) })}
            </p>
            {plan.count !== null && <Counting count={plan.count} />}
            <p className="flex flex-wrap gap-x-4">
                <Link href="/calendar" className="py-1 text-sky hover:underline">
                    {say('work_calendar.title')}
                </Link>
                {viewer?.creates === true && (
                    <Link href="/tasks/new?own=1" className="py-1 text-sky hover:underline">
                        {say('in_hand.own')}
                    </Link>
                )}
                {!several && (
                    <button type="button" className="py-1 text-sky hover:underline" onClick={onSeveral}>
                        {say('in_hand.several')}
                    </button>
                )}
            </p>
        </div>
    );
}

function Counting({ count }: { count: NonNullable<Plan['count']> }) {
    const now = useNow(20);
    const minutes = Math.max(0, Math.round((now - Date.parse(count.since)) / 60_000));
    return (
        <p className="flex flex-wrap items-baseline gap-x-2 text-pine">
            {say('in_hand.counting', { number: count.number, time: duration(minutes) })}
            <Button
                look="quiet"
                className="min-h-6"
                onClick={() => router.post(`/tasks/${count.taskId}/time`, { on: 0 }, { preserveScroll: true })}
            >
                {say('in_hand.stop')}
            </Button>
        </p>
    );
}
