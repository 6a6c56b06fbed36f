import { router } from '@inertiajs/react';
import type { NoticeLine } from '@props/Tasks/NoticeLine';
import { useFormats } from '@/lib/format';
import { inOneGo, numberOf } from '@/lib/notices';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

const FIRST = 5;

/** What came to one, and went, by the doing of others, until one has read it. */
export function Notices({
    notices,
    inAll,
    onTask,
}: {
    notices: NoticeLine[];
    inAll: number;
    onTask: (id: string) => void;
}) {
    if (notices.length === 0) return null;
    // Ids grow as notices are handed out, which is not always the order of what they tell of.
    const until = notices.map((one) => one.id).reduce((one, other) => (one > other ? one : other));
    const shown = inOneGo(notices).slice(0, FIRST);
    const more = inAll - shown.flat().length;
    return (
        <section aria-label={say('notice.title')} className="border-y border-plum bg-chalk px-3 py-2">
            <h2 className="flex items-baseline justify-between font-semibold text-plum">
                {say('notice.title')}
                <Button
                    look="quiet"
                    className="min-h-6"
                    onClick={() => router.post(`/notices/${until}/seen`, {}, { preserveScroll: true })}
                >
                    {say('notice.read')}
                </Button>
            </h2>
            <ul className="text-sm">
                {shown.map((group) => (
                    <Group key={group[0]?.id} group={group} onTask={onTask} />
                ))}
            </ul>
            {more > 0 && <p className="text-xs text-ink2">{say('notice.more', { count: more })}</p>}
        </section>
    );
}

/** One notice, or the tasks of which the same is told. */
function Group({ group, onTask }: { group: NoticeLine[]; onTask: (id: string) => void }) {
    const formats = useFormats();
    const [first] = group;
    if (first === undefined) return null;
    const said = (
        <span className="block text-xs text-ink2">
            {first.title !== null && <>{first.said}, </>}
            {formats.moment(first.at)}
        </span>
    );
    return (
        <li className="py-0.5">
            {group.length === 1 ? (
                <>
                    <Of notice={first} onTask={onTask} />
                    {said}
                </>
            ) : (
                <details>
                    <summary className="cursor-pointer">
                        {say('notice.tasks', { count: group.length })}
                        {said}
                    </summary>
                    <ul className="max-h-48 overflow-auto ps-4">
                        {group.map((one) => (
                            <li key={one.id} className="py-0.5">
                                <Of notice={one} onTask={onTask} />
                            </li>
                        ))}
                    </ul>
                </details>
            )}
        </li>
    );
}

function Of({ notice, onTask }: { notice: NoticeLine; onTask: (id: string) => void }) {
    const { taskId } = notice;
    const open = () => (taskId === null ? router.post(`/news/${notice.id}/open`) : onTask(taskId));
    return (
        <>
            <button type="button" className="text-start text-sky underline" onClick={open}>
                {numberOf(notice) ?? notice.title ?? notice.said}
            </button>{' '}
            {notice.number === null ? '' : notice.title}
        </>
    );
}
