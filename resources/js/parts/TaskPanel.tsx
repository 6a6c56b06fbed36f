import { router } from '@inertiajs/react';
import type { TaskActionCode, TaskView } from '@props/Tasks/TaskView';
import { useState, type ReactNode } from 'react';
import { duration, useFormats } from '@/lib/format';
import { useShortcuts } from '@/lib/keys';
import { isLate } from '@/lib/task';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { ActionDialog } from './ActionDialog';
import { Checklist, Files, NextMoments } from './TaskParts';
import { EditDialog } from './EditDialog';
import { HandoffLog } from './HandoffLog';
import { History } from './History';
import { LinkedTasks } from './LinkedTasks';
import { PersonName } from './PersonMark';
import { ReasonTrail } from './ReasonTrail';

function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <section className="border-t border-line py-4">
            <h3 className="mb-2 font-semibold">{title}</h3>
            {children}
        </section>
    );
}

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
        <span className="ml-2 text-plum">
            {say(cover.until === null ? 'cover.in_place' : 'cover.in_place_until', {
                person: cover.for.name,
                until: cover.until === null ? '' : formats.until(cover.until),
            })}
        </span>
    );
}

function Facts({ task }: { task: TaskView }) {
    const formats = useFormats();
    const late = isLate(task);
    const rows: [string, ReactNode][] = [
        [say('screen.task_panel.status'), say(`status.${task.status}`)],
        [
            say('screen.task_panel.held_by'),
            task.assignee === null ? (
                task.claimants.length > 0 ? (
                    say('screen.task_panel.claimable', { count: task.claimants.length })
                ) : (
                    <span className="font-semibold text-brick">{say('screen.task_panel.nobody_unplaced')}</span>
                )
            ) : (
                <>
                    <PersonName {...task.assignee} />
                    <InPlaceOf task={task} seat="holder" />
                </>
            ),
        ],
        ...(task.status === 'in_review'
            ? [
                  [
                      say('screen.task_panel.reviewed_by'),
                      task.reviewer === null ? (
                          <span key="r" className="font-semibold text-brick">
                              {say('screen.task_panel.nobody_yet')}
                          </span>
                      ) : (
                          <span key="r">
                              <PersonName {...task.reviewer} />
                              <InPlaceOf task={task} seat="reviewer" />
                          </span>
                      ),
                  ] as [string, ReactNode],
              ]
            : []),
        ...(task.status === 'waiting'
            ? [
                  [
                      say('screen.task_panel.waits_for'),
                      `${waitsFor(task)}${task.wakesAt === null ? '' : `, ${say('value.until', { moment: formats.moment(task.wakesAt) })}`}`,
                  ] as [string, ReactNode],
              ]
            : []),
        [
            say('screen.task_panel.due'),
            task.dueAt === null ? (
                say('screen.task_panel.no_date')
            ) : (
                <span className={late ? 'font-semibold text-brick' : ''}>
                    {late ? say('screen.task_panel.late', { due: formats.due(task.dueAt) }) : formats.due(task.dueAt)}
                </span>
            ),
        ],
        [
            say('screen.task_panel.priority'),
            <span
                key="p"
                className={task.priority === 'urgent' || task.priority === 'high' ? 'font-semibold text-ochre' : ''}
            >
                {task.priority}
            </span>,
        ],
        [
            say('screen.task_panel.estimate'),
            task.spentMinutes > 0
                ? say('screen.task_panel.estimate_and_spent', {
                      estimate: duration(task.estimateMinutes),
                      spent: duration(task.spentMinutes),
                  })
                : duration(task.estimateMinutes),
        ],
        [say('screen.task_panel.arrived'), `${formats.moment(task.arrivedAt)}, ${task.source.toLowerCase()}`],
        ...(task.customer === null
            ? []
            : [
                  [
                      say('screen.task_panel.customer'),
                      <>
                          {task.customer}
                          {task.place !== null && task.place !== task.customer && (
                              <span className="text-ink2">, {task.place}</span>
                          )}
                      </>,
                  ] as [string, ReactNode],
              ]),
        ...(task.contact === null ? [] : [[say('screen.task_panel.contact'), task.contact] as [string, ReactNode]]),
        ...task.facts.map((fact): [string, ReactNode] => [fact.label, fact.value]),
        ...(task.tags.length === 0
            ? []
            : [[say('screen.task_panel.tags'), task.tags.join(', ')] as [string, ReactNode]]),
        ...(task.watchers.length === 0
            ? []
            : [
                  [say('screen.task_panel.watched_by'), task.watchers.map((one) => one.name).join(', ')] as [
                      string,
                      ReactNode,
                  ],
              ]),
        ...(task.completedAt === null
            ? []
            : [[say('screen.task_panel.completed'), formats.moment(task.completedAt)] as [string, ReactNode]]),
    ];
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

/** What somebody wrote, where they did. */
function Told({ title, text }: { title: string; text: string | null }) {
    return text === null ? null : (
        <Part title={title}>
            <p className="whitespace-pre-wrap">{text}</p>
        </Part>
    );
}

type ButtonsProps = {
    task: TaskView;
    busy: boolean;
    onSend: (what: string, data?: Record<string, string | number>) => void;
    onAsk: (action: TaskActionCode) => void;
    onEdit: () => void;
};

/** What may be done next: the likeliest stands out, what ends it comes last. */
function Buttons({ task, busy, onSend, onAsk, onEdit }: ButtonsProps) {
    const main = (['claim', 'approve', 'start', 'complete'] as const).find((action) => task.may[action]);
    const asks = (['ask_review', 'wait', 'send_back', 'hand_on', 'hand_review', 'drop'] as const).filter(
        (action) => task.may[action],
    );
    const look = (action: TaskActionCode): 'main' | 'plain' => (action === main ? 'main' : 'plain');
    return (
        <div className="flex flex-wrap gap-2 py-3">
            {task.may.claim && (
                <Button look={look('claim')} disabled={busy} onClick={() => onSend('claim')}>
                    {say('action.claim')}
                </Button>
            )}
            {task.may.approve && (
                <Button look={look('approve')} disabled={busy} onClick={() => onAsk('approve')}>
                    {say('action.approve')}
                </Button>
            )}
            {task.may.start && (
                <Button look={look('start')} disabled={busy} onClick={() => onSend('start')}>
                    {say(task.status === 'waiting' ? 'action.go_on' : 'action.start')}
                </Button>
            )}
            {task.may.complete && (
                <Button look={look('complete')} disabled={busy} onClick={() => onAsk('complete')}>
                    {say('action.complete')}
                </Button>
            )}
            {asks.map((action) => (
                <Button
                    key={action}
                    look={action === 'drop' ? 'grave' : 'plain'}
                    disabled={busy}
                    onClick={() => onAsk(action)}
                >
                    {say(action === 'hand_on' && task.assignee === null ? 'action.give' : `action.${action}`)}
                </Button>
            ))}
            {task.may.take_back && (
                <Button disabled={busy} onClick={() => onSend('take-back')}>
                    {say('action.take_back')}
                </Button>
            )}
            {task.may.reopen && (
                <Button disabled={busy} onClick={() => onSend('reopen')}>
                    {say('action.reopen')}
                </Button>
            )}
            {task.buttons.map((button) => (
                <Button
                    key={button.rule}
                    disabled={busy}
                    onClick={() => onSend(`press/${encodeURIComponent(button.rule)}`)}
                >
                    {button.label}
                </Button>
            ))}
            {task.may.edit && (
                <Button look="quiet" disabled={busy} onClick={onEdit}>
                    {say('action.edit')}
                </Button>
            )}
            {task.watching !== null && (
                <Button
                    look="quiet"
                    disabled={busy}
                    onClick={() => onSend('watch', { on: task.watching === true ? 0 : 1 })}
                >
                    {say(task.watching ? 'action.unwatch' : 'action.watch')}
                </Button>
            )}
        </div>
    );
}

/** Single keys for what is done most. */
function useTaskKeys(
    task: TaskView,
    on: boolean,
    send: (what: string) => void,
    ask: (action: TaskActionCode) => void,
): void {
    const keys = [
        { action: 'start', key: 'b', run: () => send('start') },
        { action: 'complete', key: 'f', run: () => ask('complete') },
        { action: 'ask_review', key: 'r', run: () => ask('ask_review') },
        { action: 'wait', key: 'w', run: () => ask('wait') },
        { action: 'hand_on', key: 'h', run: () => ask('hand_on') },
    ] as const;
    useShortcuts(
        'part',
        say('keys.task'),
        on
            ? keys.filter((one) => task.may[one.action]).map((one) => ({ ...one, does: say(`keys.${one.action}`) }))
            : [],
    );
}

function Parts({ task }: { task: TaskView }) {
    return (
        <>
            <Part title={say('screen.task_panel.what_is_known')}>
                <Facts task={task} />
            </Part>
            <Told title={say('screen.common.details')} text={task.description} />
            <Told title={say('screen.task_panel.guide', { kind: task.kind })} text={task.guide} />
            {task.checklist.length > 0 && (
                <Part title={say('screen.task_panel.checklist')}>
                    <Checklist task={task} />
                </Part>
            )}
            <Part title={say('screen.task_panel.linked_tasks')}>
                <LinkedTasks task={task} />
            </Part>
            <Part title={say('screen.task_panel.files')}>
                <Files task={task} />
            </Part>
            <Told title={say('screen.task_panel.note_on_completion')} text={task.outcomeNote} />
            {task.next.length > 0 && (
                <Part title={say('screen.task_panel.what_will_happen_by')}>
                    <NextMoments moments={task.next} />
                </Part>
            )}
            <Part title={say('screen.task_panel.what_has_happened')}>
                <History task={task} />
            </Part>
            {task.reasons.map((reason) => (
                <Part key={reason.seat} title={reason.title}>
                    {reason.said !== null && <p>{reason.said}</p>}
                    {reason.trail !== null && <ReasonTrail trail={reason.trail} />}
                </Part>
            ))}
            <Part title={say('screen.task_panel.handoffs')}>
                <HandoffLog handoffs={task.handoffs} />
            </Part>
        </>
    );
}

/** A task: what to do next, what is needed for it, how it came here. */
export function TaskPanel({
    task,
    place,
    keys = false,
    onClose,
}: {
    task: TaskView;
    place: 'in-hand' | 'elsewhere';
    keys?: boolean;
    onClose?: () => void;
}) {
    const [asking, setAsking] = useState<TaskActionCode | null>(null);
    const [editing, setEditing] = useState(false);
    const [busy, setBusy] = useState(false);
    const send = (what: string, data: Record<string, string | number> = {}): void =>
        router.post(
            `/tasks/${task.id}/${what}`,
            { revision: task.revision, from: place, ...data },
            { preserveScroll: true, onStart: () => setBusy(true), onFinish: () => setBusy(false) },
        );

    useTaskKeys(task, keys, send, setAsking);

    return (
        <article aria-label={say('screen.task_panel.task', { number: task.number })} className="p-5">
            <header className="flex items-start gap-3">
                <div className="min-w-0 flex-1">
                    <p className="text-ink2">
                        № <span className="font-mono">{task.number}</span> · {task.kind}
                    </p>
                    <h2 className="text-lg break-words">{task.title}</h2>
                </div>
                {onClose !== undefined && (
                    <Button look="quiet" onClick={onClose}>
                        {say('screen.common.close')}
                    </Button>
                )}
            </header>
            <Buttons task={task} busy={busy} onSend={send} onAsk={setAsking} onEdit={() => setEditing(true)} />
            <Parts task={task} />
            {asking !== null && (
                <ActionDialog key={asking} action={asking} task={task} place={place} onClose={() => setAsking(null)} />
            )}
            {editing && <EditDialog task={task} onClose={() => setEditing(false)} />}
        </article>
    );
}
