import { Link } from '@inertiajs/react';
import type { TaskView } from '@props/Tasks/TaskView';
import type { ReactNode } from 'react';
import { say } from '@/lib/words';
import { Approvals } from '../approvals/Approvals';
import { Runs } from '../runsheet/Runs';
import { HandoffLog } from '../HandoffLog';
import { History } from '../History';
import { LinkedTasks } from '../LinkedTasks';
import { ReasonTrail } from '../ReasonTrail';
import { Known, Standing, WhoFor } from '../TaskFacts';
import { Guides } from './Guides';
import { Messages } from './Messages';
import { Part } from './Part';
import { Checklist, Files, NextMoments } from './Pieces';
import { Reminders } from './Reminders';
import { Said, Say } from './Said';
import { WriteMessage } from './WriteMessage';

/** What is told at length, where there is something. */
function Told({ title, text }: { title: string; text: string | null }) {
    return text === null ? null : (
        <Part title={title}>
            <p className="whitespace-pre-wrap">{text}</p>
        </Part>
    );
}

/** What is seldom needed: one looks it up. */
function Aside({ title, children }: { title: string; children: ReactNode }) {
    return (
        <details className="border-t border-line py-3" open>
            <summary className="mb-1 cursor-pointer font-semibold">{title}</summary>
            {children}
        </details>
    );
}

/** In the order in which the work needs it: what to do, with what, for whom; then what was decided and why. */
export function TaskParts({ task, keys }: { task: TaskView; keys: boolean }) {
    return (
        <>
            <div className="pb-3">
                <Standing task={task} />
            </div>
            <Told title={say('screen.task_panel.to_do')} text={task.description} />
            {task.checklist.length > 0 && (
                <Part title={say('screen.task_panel.checklist')}>
                    <Checklist task={task} />
                </Part>
            )}
            <Guides guides={task.guides} kind={task.kindSlug} />
            <Known task={task} />
            <WhoFor task={task} />
            {(task.messages.length > 0 || task.writing.length > 0) && (
                <Part title={say('outbox.ready')}>
                    <Messages messages={task.messages} keys={keys} />
                    {task.writing.length > 0 && (
                        <WriteMessage
                            id={task.id}
                            at={`/tasks/${task.id}`}
                            customer={task.customer}
                            writing={task.writing}
                            hasFiles={task.files.files.length > 0}
                        />
                    )}
                </Part>
            )}
            {task.approvals.length > 0 && (
                <Part title={say('approval.title')}>
                    <Approvals approvals={task.approvals} at={`/tasks/${task.id}`} mayAsk={false} />
                </Part>
            )}
            {(task.runs.length > 0 || task.sheets.length > 0) && (
                <Part title={say('run.title')}>
                    <Runs runs={task.runs} at={`/tasks/${task.id}`} sheets={task.sheets} />
                </Part>
            )}
            <Part title={say('screen.task_panel.told')}>
                <Said entries={task.history} />
                <Say id={task.id} at={`/tasks/${task.id}`} />
            </Part>
            <Part title={say('screen.task_panel.files')}>
                <Files at={`/tasks/${task.id}`} files={task.files} mayAttach={task.mayAttach} />
            </Part>
            {(task.links.length > 0 || task.may.edit) && (
                <Part title={say('screen.task_panel.linked_tasks')}>
                    <LinkedTasks task={task} />
                </Part>
            )}
            <Told title={say('screen.task_panel.note_on_completion')} text={task.outcomeNote} />
            {task.reasons.map((reason) => (
                <Part key={reason.seat} title={reason.title}>
                    {reason.said !== null && <p>{reason.said}</p>}
                    {reason.trail !== null && <ReasonTrail trail={reason.trail} />}
                </Part>
            ))}
            {task.asksWhy && (
                <Link className="text-sky underline" href={`/rulebook/why?task=${task.id}`}>
                    {say('screen.why.why_not')}
                </Link>
            )}
            {task.next.length > 0 && (
                <Part title={say('screen.task_panel.what_will_happen_by')}>
                    <NextMoments moments={task.next} />
                </Part>
            )}
            {task.reminders !== null && (
                <Part title={say('reminders.on_task')}>
                    <Reminders task={task.id} reminders={task.reminders} />
                </Part>
            )}
            <Aside title={say('screen.task_panel.what_has_happened')}>
                <History of={`/tasks/${task.id}`} latest={{ entries: task.history, earlier: task.earlier }} />
            </Aside>
            {task.handoffs.length > 0 && (
                <Aside title={say('screen.task_panel.handoffs')}>
                    <HandoffLog handoffs={task.handoffs} />
                </Aside>
            )}
        </>
    );
}
