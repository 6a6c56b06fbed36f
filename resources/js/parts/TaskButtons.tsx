import type { TaskActionCode, TaskView } from '@props/Tasks/TaskView';
import { useShortcuts } from '@/lib/keys';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

type ButtonsProps = {
    task: TaskView;
    busy: boolean;
    onSend: (what: string, data?: Record<string, string | number>) => void;
    onAsk: (action: TaskActionCode) => void;
    onEdit: () => void;
};

/** What may be done next: the likeliest stands out, what ends it comes last. */
export function Buttons({ task, busy, onSend, onAsk, onEdit }: ButtonsProps) {
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
            {task.may.take_off && (
                <Button disabled={busy} onClick={() => onSend('take-off')}>
                    {say('action.take_off')}
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
export function useTaskKeys(
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
