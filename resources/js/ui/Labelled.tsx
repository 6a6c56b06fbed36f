import { useId, type ReactElement, cloneElement } from 'react';

type Control = { id?: string; 'aria-invalid'?: boolean; 'aria-describedby'?: string };

/** A control with its label, its hint and what is wrong with it. */
export function Labelled({
    label,
    hint,
    wrong,
    children,
}: {
    label: string;
    hint?: string | undefined;
    wrong?: string | undefined;
    children: ReactElement<Control>;
}) {
    const id = useId();
    const noted = wrong !== undefined || hint !== undefined;
    return (
        <div className="flex flex-col gap-1">
            <label htmlFor={id} className="font-medium">
                {label}
            </label>
            {cloneElement(children, {
                id,
                'aria-invalid': wrong !== undefined,
                ...(noted ? { 'aria-describedby': `${id}-noted` } : {}),
            })}
            {noted && (
                <p id={`${id}-noted`} className={`text-xs ${wrong === undefined ? 'text-ink2' : 'text-brick'}`}>
                    {wrong ?? hint}
                </p>
            )}
        </div>
    );
}
