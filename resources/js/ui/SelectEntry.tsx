import type { Option } from '@props/Rules/Vocabulary';
import { Labelled } from './Labelled';

/** An entry with a label in which one of a few is chosen. */
export function SelectEntry({
    label,
    value,
    options,
    wrong,
    onChange,
}: {
    label: string;
    value: string;
    options: Option[];
    wrong?: string | undefined;
    onChange: (value: string) => void;
}) {
    return (
        <Labelled label={label} wrong={wrong}>
            <select className="entry" value={value} onChange={(event) => onChange(event.target.value)}>
                {options.map((one) => (
                    <option key={one.value} value={one.value}>
                        {one.label}
                    </option>
                ))}
            </select>
        </Labelled>
    );
}
