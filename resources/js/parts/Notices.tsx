import { router } from '@inertiajs/react';
import type { NoticeLine } from '@props/Tasks/NoticeLine';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

const FIRST = 5;

/** What came to one, and went, by the doing of others, until one has read it. */
export function Notices({ notices, onTask }: { notices: NoticeLine[]; onTask: (id: string) => void }) {
    const formats = useFormats();
    if (notices.length === 0) return null;
    // Ids grow as notices are handed out, which is not always the order of what they tell of.
    const until = notices.map((one) => one.id).reduce((one, other) => (one > other ? one : other));
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
                {notices.slice(0, FIRST).map((notice) => (
                    <li key={notice.id} className="py-0.5">
                        <button type="button" className="text-sky underline" onClick={() => onTask(notice.taskId)}>
                            № {notice.number}
                        </button>{' '}
                        {notice.title}
                        <span className="block text-xs text-ink2">
                            {notice.said}, {formats.moment(notice.at)}
                        </span>
                    </li>
                ))}
            </ul>
            {notices.length > FIRST && (
                <p className="text-xs text-ink2">{say('notice.more', { count: notices.length - FIRST })}</p>
            )}
        </section>
    );
}
