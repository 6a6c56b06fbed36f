import type { TaskView } from '@props/Tasks/TaskView';
import { useShortcuts } from '@/lib/keys';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';
import { atHand, deedsOf, type Doing } from './deeds';

/** on: the colour that the panel stands on, what scrolls passes below it */
type ButtonsProps = { task: TaskView; busy: boolean; doing: Doing; on: 'bg-chalk' | 'bg-paper' };

/** The one or two that are likeliest as buttons, with those that rules put there; the rest in a menu. */
export function Buttons({ task, busy, doing, on }: ButtonsProps) {
    const [shown, rest] = atHand(deedsOf(task, doing), task.asked?.mine === true);
    return (
        <div className={`sticky top-0 z-10 flex flex-wrap gap-2 py-3 ${on}`}>
            {shown.map((deed, index) => (
                <Button key={deed.code} look={index === 0 ? 'main' : 'plain'} disabled={busy} onClick={deed.run}>
                    {deed.label}
                </Button>
            ))}
            {task.buttons.map((button) => (
                <Button
                    key={button.rule}
                    disabled={busy}
                    onClick={() => doing.send(`press/${encodeURIComponent(button.rule)}`)}
                >
                    {button.label}
                </Button>
            ))}
            {rest.length > 0 && (
                <Menu
                    trigger={<Button disabled={busy}>{say('action.more')}</Button>}
                    items={rest.map(({ label, key, run, grave }) => ({
                        label,
                        run,
                        ...(key === undefined ? {} : { note: key }),
                        ...(grave === true ? { grave } : {}),
                    }))}
                />
            )}
        </div>
    );
}

/** Single keys for what is done most. */
export function useTaskKeys(task: TaskView, on: boolean, doing: Doing): void {
    useShortcuts(
        'part',
        say('keys.task'),
        on
            ? deedsOf(task, doing).flatMap(({ code, key, label, run }) =>
                  key === undefined
                      ? []
                      : [{ key, run, does: code === 'time' ? say('keys.time') : label.toLocaleLowerCase() }],
              )
            : [],
    );
}
