import { DayEntry } from '@/ui/DayEntry';
import type { PersonDocument } from '@props/People/PeoplePage';
import { measureSlots } from '@/lib/load';
import { say } from '@/lib/words';
import { Labelled } from '@/ui/Labelled';
import type { Props, Part } from './PersonForm';

export function Plain({ document, wrong, set, zones, houseZone }: Part & Pick<Props, 'zones' | 'houseZone'>) {
    return (
        <div className="grid gap-3 sm:grid-cols-2">
            <Labelled label={say('people.name')} wrong={wrong['/name']}>
                <input
                    className="entry"
                    maxLength={200}
                    value={document.name ?? ''}
                    onChange={(event) => set({ name: event.target.value })}
                />
            </Labelled>
            <Labelled label={say('people.zone')} wrong={wrong['/zone']}>
                <select
                    className="entry"
                    value={document.zone ?? ''}
                    onChange={(event) => set({ zone: event.target.value })}
                >
                    <option value="">{say('people.zone_of_house', { zone: houseZone })}</option>
                    {zones.map((one) => (
                        <option key={one}>{one}</option>
                    ))}
                </select>
            </Labelled>
            <Labelled label={say('people.email')} wrong={wrong['/email']}>
                <input
                    type="email"
                    className="entry"
                    maxLength={200}
                    value={document.email ?? ''}
                    onChange={(event) => set({ email: event.target.value })}
                />
            </Labelled>
            <Labelled label={say('people.phone')} wrong={wrong['/phone']}>
                <input
                    type="tel"
                    className="entry"
                    maxLength={60}
                    value={document.phone ?? ''}
                    onChange={(event) => set({ phone: event.target.value })}
                />
            </Labelled>
            <Labelled label={say('people.from')} hint={say('people.from_hint')} wrong={wrong['/from']}>
                <DayEntry value={document.from ?? ''} onChange={(day) => set({ from: day })} />
            </Labelled>
            <Labelled label={say('people.until')} hint={say('people.until_hint')} wrong={wrong['/until']}>
                <DayEntry value={document.until ?? ''} onChange={(day) => set({ until: day })} />
            </Labelled>
            <label className="flex items-center gap-2 sm:col-span-2">
                <input
                    type="checkbox"
                    checked={document.active !== false}
                    onChange={(event) => set({ active: event.target.checked })}
                />
                {say('people.active')}
            </label>
        </div>
    );
}

/** Of tasks, or of the field by which the house measures load, on each day on which they work. */
function OwnAmount({ document, wrong, set }: Part) {
    const { amount_a_day: amount, ...time } = document.capacity ?? { percent: 80 };
    return (
        <Labelled
            label={say('people.own_amount', measureSlots())}
            hint={say('people.own_amount_hint')}
            wrong={wrong['/capacity/amount_a_day']}
        >
            <input
                type="number"
                className="entry"
                min={0.01}
                max={10_000}
                step="0.01"
                value={amount ?? ''}
                onChange={(event) =>
                    set({
                        capacity:
                            event.target.value === '' ? time : { ...time, amount_a_day: Number(event.target.value) },
                    })
                }
            />
        </Labelled>
    );
}

/** How much of their working time goes to tasks. */
function TimeForTasks({ document, wrong, set }: Part) {
    const { amount_a_day: amount, ...time } = document.capacity ?? { percent: 80 };
    const byMinutes = time.minutes_a_day !== undefined;
    const problem = Object.entries(wrong).find(([at]) => at.startsWith('/capacity'))?.[1];
    const change = (to: { percent: number } | { minutes_a_day: number }): void =>
        set({ capacity: amount === undefined ? to : { ...to, amount_a_day: amount } });
    return (
        <>
            <Labelled label={say('people.capacity')}>
                <select
                    className="entry"
                    value={byMinutes ? 'minutes' : 'percent'}
                    onChange={(event) =>
                        change(event.target.value === 'minutes' ? { minutes_a_day: 360 } : { percent: 80 })
                    }
                >
                    <option value="percent">{say('people.by_percent')}</option>
                    <option value="minutes">{say('people.by_minutes')}</option>
                </select>
            </Labelled>
            <Labelled label={say(byMinutes ? 'people.minutes' : 'people.percent')} wrong={problem}>
                <input
                    type="number"
                    className="entry"
                    min={1}
                    max={byMinutes ? 1440 : 100}
                    value={(byMinutes ? time.minutes_a_day : (time.percent ?? 80)) ?? ''}
                    onChange={(event) => {
                        const amount = Number(event.target.value);
                        change(byMinutes ? { minutes_a_day: amount } : { percent: amount });
                    }}
                />
            </Labelled>
        </>
    );
}

/** What they can do on a day, in what the house measures load. */
export function Capacity(part: Part) {
    const { document, wrong, set } = part;
    return (
        <div className="grid gap-3 sm:grid-cols-3">
            {measureSlots().measure === 'minutes' ? <TimeForTasks {...part} /> : <OwnAmount {...part} />}
            <Labelled
                label={say('people.most_open')}
                hint={say('people.most_open_hint')}
                wrong={wrong['/open_tasks_at_most']}
            >
                <input
                    type="number"
                    className="entry"
                    min={1}
                    max={1000}
                    value={document.open_tasks_at_most ?? ''}
                    onChange={(event) =>
                        set({
                            open_tasks_at_most: event.target.value === '' ? undefined : Number(event.target.value),
                        } as Partial<PersonDocument>)
                    }
                />
            </Labelled>
        </div>
    );
}

export function Skills({ document, set, skills }: Part & Pick<Props, 'skills'>) {
    const levels = document.skills ?? {};
    return (
        <fieldset>
            <legend className="font-medium">{say('people.skills')}</legend>
            <div className="grid grid-cols-2 gap-x-4 sm:grid-cols-3">
                {skills.map((skill) => (
                    <label key={skill.value} className="flex items-center justify-between gap-2 py-0.5">
                        <span className="truncate">{skill.label}</span>
                        <select
                            className="entry px-1 py-0"
                            value={levels[skill.value] ?? 0}
                            onChange={(event) => {
                                const level = Number(event.target.value);
                                set({
                                    skills: Object.fromEntries([
                                        ...Object.entries(levels).filter(([one]) => one !== skill.value),
                                        ...(level === 0 ? [] : [[skill.value, level] as const]),
                                    ]),
                                });
                            }}
                        >
                            <option value={0}>–</option>
                            {[1, 2, 3].map((level) => (
                                <option key={level}>{level}</option>
                            ))}
                        </select>
                    </label>
                ))}
            </div>
        </fieldset>
    );
}
