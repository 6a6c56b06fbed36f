import type { ReactNode } from 'react';

/** A part of a sentence that is edited, after the word that begins it. */
export function Clause({ word, children }: { word: string; children: ReactNode }) {
    return (
        <div className="grid grid-cols-[64px_1fr] gap-2 border-t border-line py-1.5 first:border-0">
            <span className="pt-1 text-end text-ink2">{word}</span>
            <div className="min-w-0 pt-0.5">{children}</div>
        </div>
    );
}
