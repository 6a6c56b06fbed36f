import type { ReactNode } from 'react';
import { Button } from './Button';

/** Things of one kind, with what they are, and one more of them. */
export function Section({
    id,
    title,
    note,
    add,
    onAdd,
    children,
}: {
    /** by which addresses lead to it */
    id?: string;
    title: string;
    note: string;
    add: string;
    onAdd: () => void;
    children: ReactNode;
}) {
    return (
        <section id={id} className="box p-5" aria-label={title}>
            <header className="mb-2 flex items-baseline gap-3">
                <h2 className="font-semibold">{title}</h2>
                <span className="min-w-0 flex-1 text-ink2">{note}</span>
                <Button onClick={onAdd}>{add}</Button>
            </header>
            {children}
        </section>
    );
}

/** Their rows. */
export function Rows({ children }: { children: ReactNode }) {
    return (
        <table className="w-full text-start">
            <tbody>{children}</tbody>
        </table>
    );
}
