import type { Option } from '@props/Rules/Vocabulary';
import { useState } from 'react';
import { Popover } from '@/ui/Popover';
import { say } from '@/lib/words';

/** A word of the sentence that is one of several. */
export function WordChoice({
    label,
    value,
    options,
    onChange,
}: {
    label: string;
    value: string;
    options: Option[];
    onChange: (value: string) => void;
}) {
    const known = options.some((option) => option.value === value);
    return (
        <select
            className="word"
            aria-label={label}
            aria-invalid={!known && value !== ''}
            data-blank={value === ''}
            value={value}
            onChange={(event) => onChange(event.target.value)}
        >
            {!known && (
                <option value={value}>
                    {value === '' ? say('screen.word.choose') : say('screen.word.unknown', { value })}
                </option>
            )}
            {options.map((option) => (
                <option key={option.value} value={option.value}>
                    {option.label}
                </option>
            ))}
        </select>
    );
}

/** Several of a list, ticked in a small window. */
export function WordChoices({
    label,
    values,
    options,
    onChange,
}: {
    label: string;
    values: string[];
    options: Option[];
    onChange: (values: string[]) => void;
}) {
    const said = values
        .map(
            (value) => options.find((option) => option.value === value)?.label ?? say('screen.word.unknown', { value }),
        )
        .join(', ');
    return (
        <Popover
            label={label}
            trigger={
                <button
                    type="button"
                    className="word text-start"
                    data-blank={values.length === 0}
                    aria-label={`${label}: ${said === '' ? say('screen.common.none') : said}`}
                >
                    {said === '' ? say('screen.word.choose') : said}
                </button>
            }
        >
            <ul className="space-y-1">
                {options.map((option) => (
                    <li key={option.value}>
                        <label className="flex items-center gap-2">
                            <input
                                type="checkbox"
                                checked={values.includes(option.value)}
                                onChange={(event) =>
                                    onChange(
                                        event.target.checked
                                            ? [...values, option.value]
                                            : values.filter((value) => value !== option.value),
                                    )
                                }
                            />
                            {option.label}
                        </label>
                    </li>
                ))}
            </ul>
        </Popover>
    );
}

export function WordText({
    label,
    value,
    onChange,
    type = 'text',
}: {
    label: string;
    value: string;
    onChange: (value: string) => void;
    type?: 'text' | 'date' | 'time';
}) {
    return (
        <input
            className="word min-w-16"
            type={type}
            aria-label={label}
            data-blank={value.trim() === ''}
            value={value}
            onChange={(event) => onChange(event.target.value)}
        />
    );
}

/** A number; what is not one yet is kept as typed and said to be wrong. Null: still to be given. */
export function WordNumber({
    label,
    value,
    onChange,
    whole = true,
}: {
    label: string;
    value: number | null;
    onChange: (value: number) => void;
    whole?: boolean;
}) {
    const [typed, setTyped] = useState<string | null>(null);
    const text = typed ?? (value === null ? '' : String(value));
    const form = whole ? /^\d+$/ : /^-?\d+(\.\d{1,2})?$/;
    return (
        <input
            className="word min-w-8 text-end"
            inputMode={whole ? 'numeric' : 'decimal'}
            aria-label={label}
            aria-invalid={text !== '' && !form.test(text)}
            data-blank={text === ''}
            value={text}
            onChange={(event) => {
                const next = event.target.value.trim();
                setTyped(next);
                if (form.test(next)) onChange(Number(next));
            }}
            onBlur={() => setTyped(null)}
        />
    );
}

/** Words separated by commas. */
export function WordList({
    label,
    values,
    onChange,
    numbers = false,
}: {
    label: string;
    values: (string | number)[];
    onChange: (values: (string | number)[]) => void;
    numbers?: boolean;
}) {
    const [typed, setTyped] = useState<string | null>(null);
    const text = typed ?? values.join(', ');
    return (
        <input
            className="word min-w-24"
            aria-label={say('screen.word.by_commas', { label })}
            data-blank={values.length === 0}
            value={text}
            onChange={(event) => {
                setTyped(event.target.value);
                const parts = event.target.value
                    .split(',')
                    .map((part) => part.trim())
                    .filter((part) => part !== '');
                onChange(numbers ? parts.map(Number).filter((part) => !Number.isNaN(part)) : parts);
            }}
            onBlur={() => setTyped(null)}
        />
    );
}
