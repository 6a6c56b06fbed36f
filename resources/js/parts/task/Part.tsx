import type { ReactNode } from 'react';

/** A part of a task's page under its heading. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <section className="border-t border-line py-3 first:border-0">
            <h3 className="mb-1 font-semibold">{title}</h3>
            {children}
        </section>
    );
}
