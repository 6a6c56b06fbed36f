import type { ReactNode } from 'react';

/** A line of something that is written as sentences, after the words that begin it. */
export function Line({ word, children }: { word: string; children: ReactNode }) {
    return (
        <div className="grid gap-x-3 border-t border-line py-1.5 sm:grid-cols-[136px_1fr]">
            <span className="pt-0.5 text-ink2 sm:text-end">{word}</span>
            <div className="min-w-0">{children}</div>
        </div>
    );
}
