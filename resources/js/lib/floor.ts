import { router } from '@inertiajs/react';
import type { FloorView, GiveLine } from '@props/Floor/FloorPage';
import { useEffect, useState, type KeyboardEvent } from 'react';
import { ask } from './ask';
import { singleKeysAreOn } from './keys';
import { say } from './words';

/** What is to be given: which tasks, as they were seen. */
export type Given = { id: string; number: number; title: string; revision: number };

/** The address of the floor as it is looked at, with what is open beside it. */
export function floorAddress(view: FloorView, beside: Record<string, string> = {}): string {
    const usual: Record<string, string | number | null> = { weeks: 1, group: 'team', sort: 'usual' };
    const query = new URLSearchParams(beside);
    for (const [name, value] of Object.entries(view)) {
        if (value !== null && value !== usual[name]) query.set(name, String(value));
    }
    const text = query.toString();
    return text === '' ? '/floor' : `/floor?${text}`;
}

/** Looks at the floor otherwise; what is open beside it stays. */
export function lookAt(view: FloorView, beside: Record<string, string>): void {
    router.visit(floorAddress(view, beside), { preserveState: true, preserveScroll: true, replace: true });
}

/** What lanes would become with what is to be given, by slug; they are asked for as they come into view. */
export function useGiveLines(given: Given[], inView: string[]): Map<string, GiveLine> {
    const key = given.map((one) => one.id).join(',');
    const [known, setKnown] = useState<{ key: string; lines: Map<string, GiveLine> }>({ key, lines: new Map() });
    const lines = known.key === key ? known.lines : new Map<string, GiveLine>();
    const missing = key === '' ? '' : inView.filter((slug) => !lines.has(slug)).join(',');
    useEffect(() => {
        if (missing === '') return;
        const timer = setTimeout(() => {
            const body = JSON.stringify({ tasks: key.split(','), people: missing.split(',').slice(0, 100) });
            ask<GiveLine[]>('POST', '/floor/preview', body)
                .then((answer) =>
                    setKnown((before) => ({
                        key,
                        lines: new Map([
                            ...(before.key === key ? before.lines : []),
                            ...answer.map((line): [string, GiveLine] => [line.slug, line]),
                        ]),
                    })),
                )
                // Without it the lanes say nothing, and the tasks can be given all the same.
                .catch(() => undefined);
        }, 40);
        return () => clearTimeout(timer);
    }, [key, missing]);
    return lines;
}

/** In a row of a task, the key by which it is given. */
export function onGiveKey(give: () => void): (event: KeyboardEvent) => void {
    return (event) => {
        if (event.key !== 'g' || event.ctrlKey || event.metaKey || event.altKey || !singleKeysAreOn()) return;
        event.preventDefault();
        give();
    };
}

/** What is given, in words. */
export function givenSaid(given: Given[]): string {
    const [first] = given;
    return first !== undefined && given.length === 1
        ? `№ ${first.number} ${first.title}`
        : say('give.tasks', { count: given.length });
}
