import { Head, Link } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { say } from '@/lib/words';

/** A page that one comes to from the news, with the way back. */
export function BesideNews({ title, children }: { title: string; children: ReactNode }) {
    return (
        <div className="mx-auto my-6 max-w-3xl space-y-4 px-4">
            <Head title={title} />
            <header className="flex flex-wrap items-center gap-2">
                <h1 className="flex-1 text-xl">{title}</h1>
                <Link href="/news" className="text-sky underline">
                    {say('news.title')}
                </Link>
            </header>
            {children}
        </div>
    );
}
