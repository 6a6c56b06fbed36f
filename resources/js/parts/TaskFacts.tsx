import type { TaskView } from '@props/Tasks/TaskView';
import { type ReactNode } from 'react';
import { duration, useFormats } from '@/lib/format';
import { isLate } from '@/lib/task';
import { say } from '@/lib/words';
import { PersonName } from './PersonMark';

/** What it waits for: what was said, and other tasks. */
function waitsFor(task: TaskView): string {
    const others = task.links.filter(({ ways }) => ways.includes('waits_on')).map(({ number }) => `№ ${number}`);
    return [...(task.waitingFor === null ? [] : [task.waitingFor]), ...others].join(', ');
}

/** In whose place somebody has it, and until when. */
function InPlaceOf({ task, seat }: { task: TaskView; seat: 'holder' | 'reviewer' }) {
    const formats = useFormats();
    const cover = task.covers.find((one) => one.seat === seat);
    if (cover?.for === null || cover === undefined) return null;
    return (
        <span className="ms-2 text-plum">
            {say(cover.until === null ? 'cover.in_place' : 'cover.in_place_until', {
                person: cover.for.name,
                until: cover.until === null ? '' : formats.until(cover.until),
            })}
        </span>
    );
}

const nobody = (said: string): ReactNode => <span className="font-semibold text-brick">{said}</span>;

/** Who holds it as well, and what becomes of that once somebody starts it. */
function Together({ task }: { task: TaskView }) {
    if (task.heldWith.length === 0) return null;
    return (
        <>
            {task.heldWith.map((one) => (
                <span key={one.slug} className="ms-3">
                    <PersonName {...one} />
                </span>
            ))}
            <span className="block text-xs text-ink2">
                {say(task.doTogether ? 'task.do_together' : 'task.start_first')}
            </span>
        </>
    );
}

function HeldBy({ task }: { task: TaskView }) {
    if (task.assignee === null) {
        return task.claimants.length > 0
            ? say('screen.task_panel.claimable', { count: task.claimants.length })
            : nobody(say('screen.task_panel.nobody_unplaced'));
    }
    return (
        <>
            <PersonName {...task.assignee} />
            <Together task={task} />
            <InPlaceOf task={task} seat="holder" />
        </>
    );
}

function ReviewedBy({ task }: { task: TaskView }) {
    if (task.reviewer === null) return nobody(say('screen.task_panel.nobody_yet'));
    return (
        <>
            <PersonName {...task.reviewer} />
            <InPlaceOf task={task} seat="reviewer" />
        </>
    );
}

function Due({ task }: { task: TaskView }) {
    const formats = useFormats();
    if (task.dueAt === null) return say('screen.task_panel.no_date');
    const due = formats.due(task.dueAt);
    return isLate(task) ? (
        <span className="font-semibold text-brick">{say('screen.task_panel.late', { due })}</span>
    ) : (
        due
    );
}

function Customer({ task }: { task: TaskView }) {
    return (
        <>
            {task.customer}
            {task.place !== null && task.place !== task.customer && <span className="text-ink2">, {task.place}</span>}
        </>
    );
}

function effort(task: TaskView): string {
    const estimate = duration(task.estimateMinutes);
    return task.spentMinutes > 0
        ? say('screen.task_panel.estimate_and_spent', { estimate, spent: duration(task.spentMinutes) })
        : estimate;
}

/** What is known of a task, a line each; what is not known is left out. */
export function Facts({ task }: { task: TaskView }) {
    const formats = useFormats();
    const pressed = task.priority === 'urgent' || task.priority === 'high';
    const until = task.wakesAt === null ? '' : `, ${say('value.until', { moment: formats.moment(task.wakesAt) })}`;
    const told = (label: string, text: string | null): [string, ReactNode][] =>
        text === null || text === '' ? [] : [[label, text]];
    const rows: [string, ReactNode][] = [
        [say('screen.task_panel.status'), say(`status.${task.status}`)],
        [say('screen.task_panel.held_by'), <HeldBy key="held" task={task} />],
    ];
    if (task.status === 'in_review') {
        rows.push([say('screen.task_panel.reviewed_by'), <ReviewedBy key="reviewed" task={task} />]);
    }
    if (task.status === 'waiting') rows.push([say('screen.task_panel.waits_for'), `${waitsFor(task)}${until}`]);
    rows.push(
        [say('screen.task_panel.due'), <Due key="due" task={task} />],
        [
            say('screen.task_panel.priority'),
            <span key="priority" className={pressed ? 'font-semibold text-ochre' : ''}>
                {say(`priority.${task.priority}`).toLocaleLowerCase()}
            </span>,
        ],
        [say('screen.task_panel.estimate'), effort(task)],
        [say('screen.task_panel.arrived'), `${formats.moment(task.arrivedAt)}, ${task.source.toLocaleLowerCase()}`],
    );
    if (task.customer !== null) rows.push([say('screen.task_panel.customer'), <Customer key="customer" task={task} />]);
    rows.push(
        ...told(say('screen.task_panel.contact'), task.contact),
        ...task.facts.map((fact): [string, ReactNode] => [fact.label, fact.value]),
        ...told(say('screen.task_panel.tags'), task.tags.join(', ')),
        ...told(say('screen.task_panel.watched_by'), task.watchers.map((one) => one.name).join(', ')),
        ...told(
            say('screen.task_panel.completed'),
            task.completedAt === null ? null : formats.moment(task.completedAt),
        ),
    );
    return (
        <dl className="grid grid-cols-[minmax(110px,auto)_1fr] gap-x-4 gap-y-1">
            {rows.map(([label, value]) => (
                <div key={label} className="contents">
                    <dt className="text-ink2">{label}</dt>
                    <dd className="min-w-0 break-words">{value}</dd>
                </div>
            ))}
        </dl>
    );
}
