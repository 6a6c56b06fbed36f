import type { FiguresRow, FiguresView } from '@props/Figures/FiguresPage';
import { addDays } from './days';

/** What can be counted, by the tasks that are behind it. */
export const COUNTS = ['overdue', 'soon', 'unplaced', 'arrived', 'done', 'late', 'dropped'] as const;
export type Count = (typeof COUNTS)[number];

/** How the list of tasks tells those that are counted; of weeks, the days by which they are. */
const LISTS: Record<Count, { of: Record<string, string>; days: 'due' | 'arrived' | 'ended'; always: boolean }> = {
    overdue: { of: { due: 'late' }, days: 'due', always: false },
    soon: { of: { due: 'soon' }, days: 'due', always: false },
    unplaced: { of: { holder: 'unplaced' }, days: 'arrived', always: false },
    arrived: { of: { status: 'all' }, days: 'arrived', always: true },
    done: { of: { status: 'done' }, days: 'ended', always: true },
    late: { of: { status: 'done', due: 'missed' }, days: 'ended', always: true },
    dropped: { of: { status: 'dropped' }, days: 'ended', always: true },
};

/** The address of the tasks behind a figure; null: no list has them, as those of people in no team. */
export function tasksBehind(count: Count, view: FiguresView, row: FiguresRow | null): string | null {
    const { of, days, always } = LISTS[count];
    if (view.by === 'team' && row?.key === '') return null;
    const week = view.by === 'week' && row !== null ? row.key : null;
    const dates: Record<string, string> =
        week !== null
            ? { dates: days, from: week, to: addDays(week, 6) }
            : always
              ? { dates: days, from: view.first, to: view.last }
              : {};
    const team = view.by === 'team' && row !== null ? row.key : view.team;
    const kind = view.by === 'kind' && row !== null ? row.key : '';
    const said = { ...of, ...dates, team, kind };
    return `/tasks?${new URLSearchParams(Object.entries(said).filter(([, value]) => value !== '')).toString()}`;
}
