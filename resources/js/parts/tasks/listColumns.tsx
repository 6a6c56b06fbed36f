import type { ListedTask } from '@props/Tasks/TasksPage';
import type { Option } from '@props/Rules/Vocabulary';
import { Link } from '@inertiajs/react';
import { duration, type Formats } from '@/lib/format';
import { isLate } from '@/lib/task';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';
import type { TableColumn } from '@/ui/useTableOf';

type Column = TableColumn<ListedTask>;

export const USUAL = ['number', 'title', 'kind', 'customer', 'holder', 'status', 'due'];

function Due({ task, formats }: { task: ListedTask; formats: Formats }) {
    if (task.dueAt === null) return null;
    return <span className={isLate(task) ? 'font-semibold text-brick' : ''}>{formats.due(task.dueAt)}</span>;
}

/** All columns that a list may show: what every task has, and the fields of the house. */
export function columnsOf(formats: Formats, fields: Option[]): Column[] {
    const own: Record<string, Pick<Column, 'cell' | 'className' | 'sorts'>> = {
        title: {
            sorts: true,
            cell: (one) => (
                <Link href={`/tasks/${one.id}`} className="hover:underline">
                    {one.title}
                </Link>
            ),
        },
        number: { sorts: true, cell: (one) => one.number, className: 'tabular-nums text-ink2' },
        kind: { sorts: true, cell: (one) => one.kind, className: 'text-ink2' },
        customer: { sorts: true, cell: (one) => one.customer },
        holder: {
            sorts: true,
            cell: (one) =>
                one.holder === null ? (
                    <span className="text-ink2">{say('task_list.nobody')}</span>
                ) : (
                    <span title={one.heldWith.map(({ name }) => name).join(', ')}>
                        <PersonName {...one.holder} />
                        {one.heldWith.length > 0 && (
                            <span className="ms-1 text-ink2">{say('task.more', { count: one.heldWith.length })}</span>
                        )}
                    </span>
                ),
        },
        status: { sorts: true, cell: (one) => say(`status.${one.status}`), className: 'whitespace-nowrap' },
        priority: { sorts: true, cell: (one) => say(`priority.${one.priority}`) },
        due: {
            sorts: true,
            cell: (one) => <Due task={one} formats={formats} />,
            className: 'whitespace-nowrap text-end',
        },
        arrived: {
            sorts: true,
            cell: (one) => formats.moment(one.arrivedAt),
            className: 'whitespace-nowrap text-end text-ink2',
        },
        left: { cell: (one) => duration(one.minutesLeft), className: 'text-end tabular-nums' },
        tags: { cell: (one) => one.tags.join(', '), className: 'text-ink2' },
    };
    return [
        ...Object.entries(own).map(([id, one]) => ({ id, label: say(`task_list.columns.${id}`), ...one })),
        ...fields.map(({ value, label }) => ({ id: value, label, cell: (one: ListedTask) => one.facts[value] ?? '' })),
    ];
}
