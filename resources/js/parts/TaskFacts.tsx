import { Link } from '@inertiajs/react';
import type { TaskView } from '@props/Tasks/TaskView';
import { type ReactNode } from 'react';
import { duration, useFormats } from '@/lib/format';
import { isLate, isPostponed } from '@/lib/task';
import { useNow } from '@/lib/useNow';
import { say } from '@/lib/words';
import { PersonName } from './PersonMark';
import { Part } from './task/Part';

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

function InCase({ of }: { of: NonNullable<TaskView['case']> }) {
    return (
        <Link href={`/cases/${of.id}`} className="text-sky underline">
            {say('task.in_case_says', {
                number: String(of.number),
                title: of.title,
                stage: of.stage,
                needed: String(of.needed),
            })}
        </Link>
    );
}

/** Estimate and what was spent of it, with what is being counted. */
function Time({ task }: { task: TaskView }) {
    const now = useNow(20);
    const estimate = duration(task.estimateMinutes);
    const counted = task.countedSince === null ? 0 : Math.round((now - Date.parse(task.countedSince)) / 60_000);
    return (
        <>
            {task.spentMinutes > 0
                ? say('screen.task_panel.estimate_and_spent', { estimate, spent: duration(task.spentMinutes) })
                : estimate}
            {task.isLong && <span className="ms-2 text-ochre">{say('effort.long')}</span>}
            {task.countedSince !== null && (
                <span className="ms-2 text-pine">{say('screen.task_panel.counted', { time: duration(counted) })}</span>
            )}
        </>
    );
}

/** A label and what it says. */
type Row = [string, ReactNode];

const told = (label: string, text: string | null): Row[] => (text === null || text === '' ? [] : [[label, text]]);

function Rows({ rows }: { rows: Row[] }) {
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

/** How far it is, by when, and with whom. */
export function Standing({ task }: { task: TaskView }) {
    const formats = useFormats();
    const pressed = task.priority === 'urgent' || task.priority === 'high';
    const until = task.wakesAt === null ? '' : `, ${say('value.until', { moment: formats.moment(task.wakesAt) })}`;
    const rows: Row[] = [[say('screen.task_panel.status'), say(`status.${task.status}`)]];
    if (task.status === 'waiting') rows.push([say('screen.task_panel.waits_for'), `${waitsFor(task)}${until}`]);
    rows.push([say('screen.task_panel.due'), <Due key="due" task={task} />]);
    if (isPostponed(task)) {
        const why = task.postponedFor === null ? '' : `: ${task.postponedFor}`;
        rows.push([say('screen.task_panel.from'), `${formats.moment(task.startsAt ?? '')}${why}`]);
    }
    rows.push(
        [
            say('screen.task_panel.priority'),
            <span key="priority" className={pressed ? 'font-semibold text-ochre' : ''}>
                {say(`priority.${task.priority}`).toLocaleLowerCase()}
            </span>,
        ],
        [say('screen.task_panel.estimate'), <Time key="time" task={task} />],
        [say('screen.task_panel.held_by'), <HeldBy key="held" task={task} />],
    );
    if (task.status === 'in_review') {
        rows.push([say('screen.task_panel.reviewed_by'), <ReviewedBy key="reviewed" task={task} />]);
    }
    rows.push(
        ...told(
            say('screen.task_panel.completed'),
            task.completedAt === null ? null : formats.moment(task.completedAt),
        ),
    );
    return <Rows rows={rows} />;
}

/** What is known of what is to be done; nothing where nothing is. */
export function Known({ task }: { task: TaskView }) {
    const rows: Row[] = [
        ...task.facts.map((fact): Row => [fact.label, fact.value]),
        ...told(say('screen.task_panel.tags'), task.tags.join(', ')),
    ];
    return rows.length === 0 ? null : (
        <Part title={say('screen.task_panel.with_what')}>
            <Rows rows={rows} />
        </Part>
    );
}

/** What has made it, with the way there where one may see that. */
function Origin({ says, href }: { says: string; href: string | null }) {
    return href === null ? (
        says
    ) : (
        <Link href={href} className="text-sky underline">
            {says}
        </Link>
    );
}

/** The duty, the step of a run, or the rollout that it is of. */
function originOf({ duty, step, rollout }: TaskView): Row[] {
    const row = (word: string, says: string, base: string, id: string | null, rest = ''): Row => [
        word,
        <Origin key={base} says={says} href={id === null ? null : base + id + rest} />,
    ];
    return [
        ...(duty === null ? [] : [row(say('task.of_duty'), duty.name, '/duties/', duty.slug, '/edit')]),
        ...(step === null
            ? []
            : [
                  row(
                      say('run.of_step'),
                      say('run.step_of', { step: step.name, runsheet: step.runsheet }),
                      '/runs/',
                      step.run,
                  ),
              ]),
        ...(rollout === null ? [] : [row(say('rollout.of_task'), rollout.name, '/rollouts/', rollout.id)]),
    ];
}

/** For whom it is, and how it came in. */
export function WhoFor({ task }: { task: TaskView }) {
    const formats = useFormats();
    const rows: Row[] = [
        ...(task.customer === null
            ? []
            : ([[say('screen.task_panel.customer'), <Customer key="customer" task={task} />]] satisfies Row[])),
        ...(task.case === null ? [] : ([[say('task.in_case'), <InCase key="case" of={task.case} />]] satisfies Row[])),
        ...told(say('screen.task_panel.contact'), task.contact),
        [say('screen.task_panel.arrived'), `${formats.moment(task.arrivedAt)}, ${task.source.toLocaleLowerCase()}`],
        ...originOf(task),
        ...told(say('screen.task_panel.watched_by'), task.watchers.map((one) => one.name).join(', ')),
    ];
    return (
        <Part title={say('screen.task_panel.for_whom')}>
            <Rows rows={rows} />
        </Part>
    );
}
