import { Link } from '@inertiajs/react';
import { say } from '@/lib/words';

/** The way to all of the kind, how it is written, and that what was typed here before is on the page again. */
export function Intro({ href, all, how, taken }: { href: string; all: string; how: string; taken: boolean }) {
    return (
        <>
            <p className="text-ink2">
                <Link href={href} className="text-sky underline">
                    {all}
                </Link>{' '}
                · {how}
            </p>
            {taken && <p className="border-s-2 border-ochre ps-3">{say('written.taken_up')}</p>}
        </>
    );
}
