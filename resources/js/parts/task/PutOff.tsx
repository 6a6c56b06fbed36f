import type { TaskView } from '@props/Tasks/TaskView';
import { addDays, morningOf } from '@/lib/days';
import { useFormats, useToday } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';
import { MomentEntry } from '@/ui/MomentEntry';

type Props = { task: TaskView; value: string; wrong: string | undefined; onChange: (value: string) => void };

/** The next Monday after a day. */
function mondayAfter(day: string): string {
    const weekday = new Date(`${day}T00:00:00Z`).getUTCDay();
    return addDays(day, ((8 - weekday) % 7) + (weekday === 1 ? 7 : 0));
}

/** From when on a task is to be done: a day that is often meant, or any moment. */
export function PutOff({ task, value, wrong, onChange }: Props) {
    const formats = useFormats();
    const today = useToday();
    const often = { tomorrow: addDays(today, 1), in_two: addDays(today, 2), monday: mondayAfter(today) };
    const late = value !== '' && task.dueAt !== null && formats.fromLocal(value) > task.dueAt;
    return (
        <>
            <div className="flex flex-wrap gap-2">
                {(['tomorrow', 'in_two', 'monday'] as const).map((when) => (
                    <Button
                        key={when}
                        aria-pressed={value.startsWith(often[when])}
                        look={value.startsWith(often[when]) ? 'main' : 'plain'}
                        onClick={() => onChange(morningOf(often[when]))}
                    >
                        {say(`ask.postpone.soon.${when}`)}
                    </Button>
                ))}
            </div>
            <Labelled label={say('screen.task_panel.from')} wrong={wrong}>
                <MomentEntry value={value} onChange={onChange} />
            </Labelled>
            {late && <p className="text-ochre">{say('ask.postpone.late', { due: formats.due(task.dueAt ?? '') })}</p>}
        </>
    );
}
