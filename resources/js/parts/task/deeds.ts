import { router } from '@inertiajs/react';
import type { TaskActionCode, TaskView } from '@props/Tasks/TaskView';
import { isOpen } from '@/lib/task';
import { say } from '@/lib/words';

/** What can be done with a task as it is, by whoever looks. */
export type Deed = {
    code: string;
    label: string;
    /** a single key that does it */
    key?: string;
    grave?: boolean;
    run: () => void;
};

export type Doing = {
    send: (what: string, data?: Record<string, string | number>) => void;
    ask: (action: TaskActionCode) => void;
    edit: () => void;
    askApproval: () => void;
};

/** What one is asked for before it is done. */
const ASKS: TaskActionCode[] = [
    'complete',
    'approve',
    'ask_review',
    'wait',
    'postpone',
    'send_back',
    'hand_on',
    'hand_review',
    'drop',
];

const KEYS: Partial<Record<TaskActionCode, string>> = {
    take_up: 'b',
    start: 'b',
    complete: 'f',
    ask_review: 'r',
    wait: 'w',
    postpone: 'p',
    to_hand_on: 'e',
    keep: 'e',
    hand_on: 'h',
};

/** The likeliest first, what ends it last. */
const ORDER: TaskActionCode[] = [
    'claim',
    'approve',
    'take_up',
    'start',
    'complete',
    'send_back',
    'ask_review',
    'take_back',
    'reopen',
    'postpone',
    'wait',
    'to_hand_on',
    'keep',
    'hand_on',
    'hand_review',
    'take_off',
    'give_back',
    'drop',
];

function label(task: TaskView, action: TaskActionCode): string {
    if (action === 'start' && task.status === 'waiting') return say('action.go_on');
    if (action === 'hand_on' && task.assignee === null) return say('action.give');
    return say(`action.${action}`);
}

/** In the order in which one would choose them. */
export function deedsOf(task: TaskView, doing: Doing): Deed[] {
    // What nobody holds is given to somebody before anything else.
    const first: TaskActionCode[] = task.assignee === null ? ['claim', 'hand_on'] : [];
    const deeds = [...new Set([...first, ...ORDER])]
        .filter((action) => task.may[action])
        .map((action): Deed => {
            const key = KEYS[action];
            return {
                code: action,
                label: label(task, action),
                ...(key === undefined ? {} : { key }),
                grave: action === 'drop',
                run: () => (ASKS.includes(action) ? doing.ask(action) : doing.send(action.replaceAll('_', '-'))),
            };
        });
    const counted = task.countedSince !== null;
    const rest: (Deed | null)[] = [
        task.may.complete || counted
            ? {
                  code: 'time',
                  label: say(counted ? 'action.time_off' : 'action.time'),
                  key: 't',
                  run: () => doing.send('time', { on: counted ? 0 : 1 }),
              }
            : null,
        task.may.edit && task.asked === null && isOpen(task)
            ? { code: 'ask_approval', label: say('approval.ask'), run: doing.askApproval }
            : null,
        task.may.edit ? { code: 'edit', label: say('action.edit'), key: 'c', run: doing.edit } : null,
        task.mayRepeat && task.duty === null && task.asked === null
            ? {
                  code: 'repeat',
                  label: say('duty.make_of_task'),
                  run: () => router.visit(`/duties/new?task=${task.id}`),
              }
            : null,
        task.watching === null
            ? null
            : {
                  code: 'watch',
                  label: say(task.watching ? 'action.unwatch' : 'action.watch'),
                  run: () => doing.send('watch', { on: task.watching === true ? 0 : 1 }),
              },
    ];
    const last = deeds.filter((one) => one.grave);
    return [...deeds.filter((one) => !one.grave), ...rest.filter((one): one is Deed => one !== null), ...last];
}

/**
 * How many stand there as buttons of their own; nobody can take an unplaced task further but by giving it.
 *
 * @param answered it is done by an answer, which has its own buttons
 */
export function atHand(deeds: Deed[], answered = false): [Deed[], Deed[]] {
    const first = deeds.filter(
        (one) => !['edit', 'ask_approval', 'watch', 'time', 'repeat'].includes(one.code) && one.grave !== true,
    );
    if (answered) return [[], deeds];
    const shown = first.slice(0, 2);
    return [shown, deeds.filter((one) => !shown.includes(one))];
}
