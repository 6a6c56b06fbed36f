import type { PeoplePageProps, PersonDocument } from '@props/People/PeoplePage';
import { say } from '@/lib/words';
import { Labelled } from '@/ui/Labelled';

type Load = NonNullable<PersonDocument['load']>;

type Props = {
    load: PersonDocument['load'];
    numbers: PeoplePageProps['numbers'];
    wrong: Record<string, string>;
    onChange: (load: Load | undefined) => void;
};

function Amount({
    label,
    hint,
    wrong,
    value,
    least,
    onChange,
}: {
    label: string;
    hint?: string;
    wrong: string | undefined;
    value: number;
    least: number;
    onChange: (value: number) => void;
}) {
    return (
        <Labelled label={label} wrong={wrong} {...(hint === undefined ? {} : { hint })}>
            <input
                type="number"
                className="entry"
                min={least}
                max={10_000}
                step="0.01"
                value={value}
                onChange={(event) => onChange(Number(event.target.value))}
            />
        </Labelled>
    );
}

/** In what the load of everybody is measured: minutes, tasks, or a number of each task. */
export function LoadMeasure({ load, numbers, wrong, onChange }: Props) {
    const of = load === undefined ? 'minutes' : (load.field ?? 'tasks');
    const choose = (value: string): void => {
        if (value === 'minutes') onChange(undefined);
        else if (value === 'tasks') onChange({ a_day: load?.a_day ?? 8 });
        else onChange({ field: value, a_day: load?.a_day ?? 8, where_empty: load?.where_empty ?? 1 });
    };
    return (
        <fieldset className="space-y-2">
            <legend className="font-semibold">{say('people.load')}</legend>
            <div className="grid gap-3 sm:grid-cols-3">
                <Labelled label={say('people.load_in')} wrong={wrong['/load/field']} hint={say('people.load_means')}>
                    <select className="entry" value={of} onChange={(event) => choose(event.target.value)}>
                        <option value="minutes">{say('people.loads.minutes')}</option>
                        <option value="tasks">{say('people.loads.tasks')}</option>
                        {numbers.map((one) => (
                            <option key={one.value} value={one.value}>
                                {one.label}
                            </option>
                        ))}
                    </select>
                </Labelled>
                {load !== undefined && (
                    <Amount
                        label={say('people.load_a_day')}
                        hint={say('people.load_a_day_hint')}
                        wrong={wrong['/load/a_day']}
                        least={0.01}
                        value={load.a_day}
                        onChange={(a_day) => onChange({ ...load, a_day })}
                    />
                )}
                {load?.field !== undefined && (
                    <Amount
                        label={say('people.load_empty')}
                        wrong={wrong['/load/where_empty']}
                        least={0}
                        value={load.where_empty ?? 1}
                        onChange={(where_empty) => onChange({ ...load, where_empty })}
                    />
                )}
            </div>
        </fieldset>
    );
}
