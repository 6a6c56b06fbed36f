import { Head, Link, router } from '@inertiajs/react';
import type { NewsPageProps } from '@props/Tasks/NewsPage';
import type { NoticeLine } from '@props/Tasks/NoticeLine';
import { useFormats } from '@/lib/format';
import { numberOf } from '@/lib/notices';
import { say } from '@/lib/words';
import { NewsChoice, NewsObliged } from '@/parts/NewsChoice';
import { Button } from '@/ui/Button';

/** One thing that somebody was told; its task is opened by it, and it is read then. */
function Item({ notice }: { notice: NoticeLine }) {
    const formats = useFormats();
    const of = numberOf(notice);
    return (
        <li className="flex flex-wrap items-baseline gap-x-3 border-t border-line px-4 py-2">
            <span className="w-14 text-xs text-plum">{notice.read ? '' : say('news.new')}</span>
            <button
                type="button"
                className={`min-w-0 flex-1 text-start ${notice.read ? '' : 'font-semibold'}`}
                onClick={() => router.post(`/news/${notice.id}/open`)}
            >
                {of === null && notice.title === null ? (
                    <span className="text-sky underline">{notice.said}</span>
                ) : (
                    <>
                        <span className="text-sky underline">{of ?? notice.title}</span>{' '}
                        {of === null ? '' : notice.title}
                        <span className="block font-normal text-ink2">{notice.said}</span>
                    </>
                )}
            </button>
            <span className="text-xs whitespace-nowrap text-ink2">{formats.moment(notice.at)}</span>
            {notice.read && (
                <Button
                    look="quiet"
                    className="min-h-6 text-xs"
                    onClick={() => router.post(`/news/${notice.id}/unread`, {}, { preserveScroll: true })}
                >
                    {say('news.unread')}
                </Button>
            )}
        </li>
    );
}

/** What one was told because it was not one's own doing. */
export default function News({ notices, unread, before, earlier, unreadInAll, latest, choice }: NewsPageProps) {
    const query = (more: Record<string, string>): string =>
        `/news?${new URLSearchParams({ ...(unread ? { unread: '1' } : {}), ...more }).toString()}`;
    return (
        <div className="mx-auto my-6 max-w-3xl px-4">
            <Head title={say('news.title')} />
            <header className="mb-3 flex flex-wrap items-center gap-2">
                <h1 className="flex-1 text-xl">{say('news.title')}</h1>
                <label className="flex items-center gap-2">
                    <input
                        type="checkbox"
                        checked={unread}
                        onChange={(event) => router.visit(event.target.checked ? '/news?unread=1' : '/news')}
                    />
                    {say('news.only_unread', { count: unreadInAll })}
                </label>
                {unreadInAll > 0 && latest !== null && (
                    <Button onClick={() => router.post(`/notices/${latest}/seen`, {}, { preserveScroll: true })}>
                        {say('news.read_all')}
                    </Button>
                )}
            </header>
            <section aria-label={say('news.title')} className="box">
                {notices.length === 0 && (
                    <p className="p-4 text-ink2">{say(unread ? 'news.none_unread' : 'news.none')}</p>
                )}
                <ul>
                    {notices.map((notice) => (
                        <Item key={notice.id} notice={notice} />
                    ))}
                </ul>
            </section>
            <nav aria-label={say('news.pages')} className="my-3 flex justify-between">
                {before === null ? (
                    <span />
                ) : (
                    <Link href={query({})} className="text-sky underline">
                        {say('news.latest')}
                    </Link>
                )}
                {earlier !== null && (
                    <Link href={query({ before: earlier })} className="text-sky underline">
                        {say('news.earlier')}
                    </Link>
                )}
            </nav>
            <nav aria-label={say('news.title')} className="my-3 flex flex-wrap gap-4">
                <Link href="/reminders" className="text-sky underline">
                    {say('news.reminders')}
                </Link>
                {choice.mayOblige && (
                    <Link href="/alerts" className="text-sky underline">
                        {say('news.alerts')}
                    </Link>
                )}
            </nav>
            <details className="box my-3">
                <summary className="cursor-pointer px-4 py-2 font-semibold">{say('news.by_other_means')}</summary>
                <NewsChoice choice={choice} />
            </details>
            {choice.mayOblige && (
                <details className="box my-3">
                    <summary className="cursor-pointer px-4 py-2 font-semibold">{say('news.obliged')}</summary>
                    <NewsObliged choice={choice} />
                </details>
            )}
        </div>
    );
}
