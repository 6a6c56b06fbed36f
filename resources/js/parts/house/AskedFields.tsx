import type { AskedField, EntryField } from '@props/Intake/NewTaskPage';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

const HOW = ['no', 'asked', 'required'] as const;

function moved(asks: AskedField[], at: number, by: number): AskedField[] {
    const next = asks.filter((_, place) => place !== at);
    const one = asks[at];
    if (one !== undefined) next.splice(at + by, 0, one);
    return next;
}

/** Which fields of the house tasks of a kind have, in their order; null: all of them. */
export function AskedFields({
    asks,
    fields,
    onChange,
}: {
    asks: AskedField[] | null;
    fields: EntryField[];
    onChange: (asks: AskedField[] | null) => void;
}) {
    const listed = asks ?? [];
    const order = [
        ...listed.flatMap(({ path }) => fields.find((one) => one.path === path) ?? []),
        ...fields.filter((one) => listed.every(({ path }) => path !== one.path)),
    ];
    const how = (path: string): (typeof HOW)[number] => {
        const found = listed.find((one) => one.path === path);
        return found === undefined ? 'no' : found.required ? 'required' : 'asked';
    };
    const put = (path: string, chosen: string): void => {
        const rest = listed.filter((one) => one.path !== path);
        const at = listed.findIndex((one) => one.path === path);
        if (chosen !== 'no') rest.splice(at < 0 ? rest.length : at, 0, { path, required: chosen === 'required' });
        onChange(rest);
    };
    return (
        <fieldset>
            <legend className="font-semibold">{say('asked.title')}</legend>
            {([true, false] as const).map((all) => (
                <label key={String(all)} className="flex items-center gap-2 py-1">
                    <input
                        type="radio"
                        name="asks-all"
                        checked={(asks === null) === all}
                        onChange={() => onChange(all ? null : fields.map(({ path }) => ({ path, required: false })))}
                    />
                    {say(all ? 'asked.all' : 'asked.some')}
                </label>
            ))}
            {asks !== null && (
                <ul className="mt-1">
                    {order.map((field) => {
                        const at = listed.findIndex((one) => one.path === field.path);
                        return (
                            <li key={field.path} className="flex items-center gap-2 border-t border-line py-1">
                                <span className={`flex-1 ${at < 0 ? 'text-ink2' : ''}`}>{field.label}</span>
                                <select
                                    className="entry"
                                    aria-label={say('asked.how_of', { field: field.label })}
                                    value={how(field.path)}
                                    onChange={(event) => put(field.path, event.target.value)}
                                >
                                    {HOW.map((one) => (
                                        <option key={one} value={one}>
                                            {say(`asked.how.${one}`)}
                                        </option>
                                    ))}
                                </select>
                                {([-1, 1] as const).map((by) => (
                                    <Button
                                        key={by}
                                        look="quiet"
                                        disabled={at < 0 || at + by < 0 || at + by >= listed.length}
                                        aria-label={say(by < 0 ? 'screen.house.move_up' : 'screen.house.move_down', {
                                            field: field.label,
                                        })}
                                        onClick={() => onChange(moved(listed, at, by))}
                                    >
                                        {by < 0 ? '↑' : '↓'}
                                    </Button>
                                ))}
                            </li>
                        );
                    })}
                </ul>
            )}
        </fieldset>
    );
}
