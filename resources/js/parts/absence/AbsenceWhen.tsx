import { lastFrom } from '@/lib/days';
import { MomentEntry } from '@/ui/MomentEntry';
import { DayEntry } from '@/ui/DayEntry';
import { say } from '@/lib/words';
import { Labelled } from '@/ui/Labelled';
import type { Form, Set } from './AbsenceDialog';

/** From when until when: days, or moments. */
export function When({ data, errors, set }: { data: Form; errors: Record<string, string | undefined>; set: Set }) {
    return (
        <>
            <label className="flex items-center gap-2">
                <input type="checkbox" checked={data.days} onChange={(event) => set({ days: event.target.checked })} />
                {say('absence.whole_days')}
            </label>
            <div className="grid gap-4 sm:grid-cols-2">
                {data.days ? (
                    <>
                        <Labelled label={say('absence.first')} wrong={errors.first}>
                            <DayEntry
                                person={data.person}
                                value={data.first}
                                onChange={(day) =>
                                    set({
                                        first: day,
                                        last: lastFrom(day, data.last),
                                    })
                                }
                            />
                        </Labelled>
                        <Labelled label={say('absence.last')} wrong={errors.last}>
                            <DayEntry person={data.person} value={data.last} onChange={(day) => set({ last: day })} />
                        </Labelled>
                    </>
                ) : (
                    <>
                        <Labelled label={say('absence.from')} wrong={errors.from}>
                            <MomentEntry
                                person={data.person}
                                value={data.from}
                                onChange={(day) => set({ from: day })}
                            />
                        </Labelled>
                        <Labelled label={say('absence.to')} wrong={errors.to}>
                            <MomentEntry person={data.person} value={data.to} onChange={(day) => set({ to: day })} />
                        </Labelled>
                    </>
                )}
            </div>
        </>
    );
}
