import { router } from '@inertiajs/react';
import type { CalendarView } from '@props/Calendar/CalendarPage';
import type { KeyboardEvent } from 'react';

export type By = CalendarView['by'];

/** The address of what is looked at, with what is open beside it. */
export function calendarAddress(view: CalendarView, beside: Record<string, string> = {}): string {
    const whose: Record<string, string> =
        view.kind === 'all' ? { all: '1' } : { [view.kind === 'team' ? 'team' : 'person']: view.slug };
    const page: Record<string, string> = view.page > 1 ? { page: String(view.page) } : {};
    const all = { by: view.by, date: view.date, ...whose, ...page, ...beside };
    return `/calendar?${new URLSearchParams(all).toString()}`;
}

export function lookAtCalendar(view: CalendarView): void {
    router.visit(calendarAddress(view), { preserveState: true, preserveScroll: true });
}

const STEPS: Record<string, [number, number]> = {
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
};

/** Arrows go from cell to cell, Home and End to the ends of the row: the pattern of a grid (WAI-ARIA 1.2). */
export function stepInGrid(event: KeyboardEvent<HTMLElement>): void {
    const cell = (event.target as HTMLElement).closest<HTMLElement>('[data-cell]');
    if (cell === null) return;
    const rtl = document.documentElement.dir === 'rtl';
    const rows = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-cells]')].map((row) => [
        ...row.querySelectorAll<HTMLElement>('[data-cell]'),
    ]);
    const row = rows.findIndex((cells) => cells.includes(cell));
    const column = rows[row]?.indexOf(cell) ?? 0;
    const step = STEPS[event.key];
    const to =
        step !== undefined
            ? rows[row + step[0]]?.[column + (rtl ? -step[1] : step[1])]
            : event.key === 'Home'
              ? rows[row]?.[0]
              : event.key === 'End'
                ? rows[row]?.at(-1)
                : undefined;
    if (to === undefined) return;
    event.preventDefault();
    to.focus();
}
