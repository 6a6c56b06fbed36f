type Props<T extends string> = {
    label: string;
    value: T;
    options: { value: T; label: string }[];
    onChange: (value: T) => void;
    className?: string;
};

/** One of a few, with its name before it, as in a bar over a page. */
export function Pick<T extends string>({ label, value, options, onChange, className = '' }: Props<T>) {
    return (
        <label className="flex items-center gap-1.5">
            <span className="text-xs text-ink2">{label}</span>
            <select
                className={`entry py-0.5 ${className}`}
                value={value}
                onChange={(event) => onChange(event.target.value as T)}
            >
                {options.map((one) => (
                    <option key={one.value} value={one.value}>
                        {one.label}
                    </option>
                ))}
            </select>
        </label>
    );
}
