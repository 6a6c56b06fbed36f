import clsx from 'clsx';
import type { LaneHours } from '@props/Floor/FloorPage';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';

export type Axis = { from: string; to: string };

const HOUR = 3_600_000;

/** Where a moment lies on the axis, in percent. */
function at(moment: string, axis: Axis): number {
    const [from, to] = [Date.parse(axis.from), Date.parse(axis.to)];
    return (100 * (Date.parse(moment) - from)) / (to - from);
}

function place(span: { from: string; to: string }, axis: Axis): { insetInlineStart: string; width: string } {
    return {
        insetInlineStart: `${at(span.from, axis)}%`,
        width: `${Math.max(0.4, at(span.to, axis) - at(span.from, axis))}%`,
    };
}

/** The hours of a day, over the lanes. */
export function HourHeads({ axis }: { axis: Axis }) {
    const { toLocal } = useFormats();
    const hours = [];
    for (let hour = Date.parse(axis.from); hour < Date.parse(axis.to); hour += HOUR) {
        hours.push(new Date(hour).toISOString());
    }
    return (
        <span className="grid grid-flow-col auto-cols-fr">
            {hours.map((hour) => (
                <span key={hour} className="overflow-hidden border-s border-line ps-0.5">
                    {toLocal(hour).slice(11, 13)}
                </span>
            ))}
        </span>
    );
}

/** One day of somebody by hours: hollow while they are there, ink where the plan has them at work. */
export function HoursLane({
    hours,
    axis,
    name,
    onTask,
}: {
    hours: LaneHours;
    axis: Axis;
    name: string;
    onTask: (id: string) => void;
}) {
    const { toLocal } = useFormats();
    const clock = (moment: string): string => toLocal(moment).slice(11);
    return (
        <div className="relative h-7" role="group" aria-label={say('floor.day_of', { person: name })}>
            {hours.there.map((span) => (
                <div
                    key={span.from}
                    className="absolute bottom-0 h-5 border-t border-ink2 bg-chalk"
                    style={place(span, axis)}
                />
            ))}
            {hours.blocks.map((block) => {
                const said = say('floor.block', {
                    number: block.number,
                    title: block.title,
                    from: clock(block.from),
                    to: clock(block.to),
                });
                return (
                    <button
                        key={`${block.id} ${block.from}`}
                        type="button"
                        title={said}
                        aria-label={said}
                        onClick={() => onTask(block.id)}
                        className={clsx(
                            'absolute bottom-0 h-5 truncate border-e border-paper px-0.5 text-start text-xs leading-5',
                            block.late ? 'hatch border-y border-brick text-ink' : 'bg-ink2 text-paper',
                        )}
                        style={place(block, axis)}
                    >
                        <span className={block.late ? 'bg-paper px-0.5' : ''}>{block.title}</span>
                    </button>
                );
            })}
        </div>
    );
}
