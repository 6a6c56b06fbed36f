import clsx from 'clsx';
import type { Receiver } from '@props/Tasks/Receivers';
import type { TaskView } from '@props/Tasks/TaskView';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { useAsked } from '@/lib/useAsked';
import { usePeople } from '@/lib/usePeople';
import { say } from '@/lib/words';
import { PersonChoice } from '../PersonChoice';
import { PersonName } from '../PersonMark';

type Props = { task: TaskView; value: string; onChange: (slug: string) => void; id?: string };

const FIRST = 6;

/**
 * To whom a task goes: the likeliest with how loaded they are, when they would be done and what stands against them;
 * anybody else by name.
 */
export function ReceiverChoice({ task, value, onChange, ...entry }: Props) {
    const people = usePeople();
    const [asked, setAsked] = useState('');
    const query = asked === '' ? '' : `?person=${encodeURIComponent(asked)}`;
    const { answer } = useAsked<{ receivers: Receiver[] }>(`/tasks/${task.id}/receivers${query}`, 0);
    const known = answer?.receivers ?? [];
    const shown = known.filter((one, index) => index < FIRST || one.slug === value);
    const choose = (slug: string): void => {
        if (!known.some((one) => one.slug === slug)) setAsked(slug);
        onChange(slug);
    };
    const holders = [task.assignee, ...task.heldWith].map((one) => one?.slug);
    return (
        <>
            <PersonChoice
                {...entry}
                people={people.filter((one) => !holders.includes(one.value))}
                value={value}
                onChange={choose}
            />
            {shown.length > 0 && (
                <ul aria-label={say('receiver.title')} className="mt-2 max-h-72 overflow-auto">
                    {shown.map((one) => (
                        <li key={one.slug}>
                            <Line receiver={one} chosen={one.slug === value} onChoose={() => choose(one.slug)} />
                        </li>
                    ))}
                </ul>
            )}
        </>
    );
}

function Line({ receiver, chosen, onChoose }: { receiver: Receiver; chosen: boolean; onChoose: () => void }) {
    const formats = useFormats();
    const { loadPercent: load, finishAt, away, against, openTasks } = receiver;
    return (
        <button
            type="button"
            aria-pressed={chosen}
            onClick={onChoose}
            className={clsx(
                'grid w-full grid-cols-[1fr_auto] gap-x-3 border-t border-line px-2 py-1 text-start',
                chosen ? 'bg-pine-wash shadow-[inset_3px_0_0_var(--pine)]' : 'hover:bg-pine-wash',
            )}
        >
            <PersonName slug={receiver.slug} name={receiver.name} />
            <span className="text-end text-xs tabular-nums">
                {say('receiver.load', { load: load ?? 'none', count: openTasks })}
            </span>
            <span className={`col-span-2 text-xs ${against.length > 0 || away !== null ? 'text-ochre' : 'text-ink2'}`}>
                {[
                    finishAt === null
                        ? say('receiver.never')
                        : say('receiver.done_by', { moment: formats.moment(finishAt) }),
                    ...(away === null ? [] : [say('person.away', { until: formats.until(away) })]),
                    ...against,
                ].join(' · ')}
            </span>
        </button>
    );
}
