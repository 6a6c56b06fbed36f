import { Head, router } from '@inertiajs/react';
import type { StandInPageProps } from '@props/Messages/StandInPage';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Labelled } from '@/ui/Labelled';

/** What the stand-in of a channel has taken, and what it is told to do. */
export default function StandIn({ channel, behaviour, behaviours, posts }: StandInPageProps) {
    const formats = useFormats();
    return (
        <div className="mx-auto my-6 max-w-3xl space-y-4 px-4">
            <Head title={say('outbox.stand_in.title', { channel })} />
            <h1 className="text-xl">{say('outbox.stand_in.title', { channel })}</h1>
            <p className="text-ink2">{say('outbox.stand_in.note')}</p>
            <Labelled label={say('outbox.stand_in.behaviour')}>
                <select
                    className="entry"
                    value={behaviour}
                    onChange={(event) =>
                        router.put(
                            `/stand-ins/messages/${channel}`,
                            { behaviour: event.target.value },
                            { preserveScroll: true },
                        )
                    }
                >
                    {behaviours.map((one) => (
                        <option key={one} value={one}>
                            {say(`outbox.stand_in.${one}`)}
                        </option>
                    ))}
                </select>
            </Labelled>
            {posts.length === 0 && <p className="text-ink2">{say('outbox.stand_in.none')}</p>}
            <ul>
                {posts.map((post) => (
                    <li key={post.id} className="box mb-2 p-3">
                        <p className="flex flex-wrap gap-3 text-ink2">
                            <span className="flex-1">{post.address}</span>
                            <span>{formats.moment(post.at)}</span>
                            {channel === 'mail' && (
                                <a className="text-sky underline" href={`/stand-ins/mails/${post.id}`}>
                                    {say('outbox.stand_in.as_file')}
                                </a>
                            )}
                        </p>
                        {post.subject !== null && (
                            <p className="font-semibold" dir="auto">
                                {post.subject}
                            </p>
                        )}
                        <p className="break-words whitespace-pre-wrap" dir="auto">
                            {post.text}
                        </p>
                    </li>
                ))}
            </ul>
        </div>
    );
}
