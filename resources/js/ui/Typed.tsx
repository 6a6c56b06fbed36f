import { useState } from 'react';

/** What is typed of a number or a list is kept as typed until one leaves it. */
export function Typed({
    text,
    numeric,
    onText,
    ...rest
}: {
    text: string;
    numeric: boolean;
    onText: (text: string) => void;
    id?: string;
    className?: string;
}) {
    const [typed, setTyped] = useState<string | null>(null);
    return (
        <input
            {...rest}
            inputMode={numeric ? 'decimal' : 'text'}
            value={typed ?? text}
            onChange={(event) => {
                setTyped(event.target.value);
                onText(event.target.value.trim());
            }}
            onBlur={() => setTyped(null)}
        />
    );
}
