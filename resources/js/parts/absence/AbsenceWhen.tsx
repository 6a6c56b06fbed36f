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
                            <input
                                type="date"
                                className="entry"
                                value={data.first}
                                onChange={(event) =>
                                    set({
                                        first: event.target.value,
                                        last:
                                            data.last === '' || data.last < event.target.value
                                                ? event.target.value
                                                : data.last,
                                    })
                                }
                            />
                        </Labelled>
                        <Labelled label={say('absence.last')} wrong={errors.last}>
                            <input
                                type="date"
                                className="entry"
                                value={data.last}
                                onChange={(event) => set({ last: event.target.value })}
                            />
                        </Labelled>
                    </>
                ) : (
                    <>
                        <Labelled label={say('absence.from')} wrong={errors.from}>
                            <input
                                type="datetime-local"
                                className="entry"
                                value={data.from}
                                onChange={(event) => set({ from: event.target.value })}
                            />
                        </Labelled>
                        <Labelled label={say('absence.to')} wrong={errors.to}>
                            <input
                                type="datetime-local"
                                className="entry"
                                value={data.to}
                                onChange={(event) => set({ to: event.target.value })}
                            />
                        </Labelled>
                    </>
                )}
            </div>
        </>
    );
}
