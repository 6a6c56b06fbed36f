import clsx from 'clsx';
import type { KeyboardEvent } from 'react';
import type { Meta } from './useTableOf';

/** Arrow keys go from row to row, to what can be pressed first in each. */
export function onArrow(event: KeyboardEvent<HTMLElement>): void {
    const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    const row = (event.target as HTMLElement).closest('tr[data-row]');
    const entry = (event.target as HTMLElement).matches('input:not([type=checkbox]), select, textarea');
    if (step === 0 || row === null || entry) return;
    const next = step === 1 ? row.nextElementSibling : row.previousElementSibling;
    const target =
        next?.querySelector<HTMLElement>('th :is(button, a)') ?? next?.querySelector<HTMLElement>('button, a');
    if (target === null || target === undefined) return;
    event.preventDefault();
    target.focus();
}

/** A tick that may stand for some of several. */
export function Tick({
    label,
    on,
    some,
    onTick,
}: {
    label: string;
    on: boolean;
    some?: boolean;
    onTick: (on: boolean) => void;
}) {
    return (
        <input
            type="checkbox"
            aria-label={label}
            checked={on}
            ref={(input) => {
                if (input !== null) input.indeterminate = some === true && !on;
            }}
            onChange={(event) => onTick(event.target.checked)}
        />
    );
}

/** Where rows are that are not in view. */
export function Gap({ height, width }: { height: number; width: number }) {
    return (
        <tr aria-hidden="true">
            <td colSpan={width} style={{ height }} />
        </tr>
    );
}

const ARROWS = { asc: '↑', desc: '↓' };

export function Head({
    column,
    sorted,
    onSort,
}: {
    column: Meta | undefined;
    sorted: false | 'asc' | 'desc';
    onSort: (() => void) | undefined;
}) {
    const order = sorted === false ? undefined : sorted === 'asc' ? 'ascending' : 'descending';
    return (
        <th scope="col" aria-sort={order} className={clsx('px-3 py-1 font-normal', column?.className)}>
            {onSort === undefined ? (
                <span className={column?.silent === true ? 'sr-only' : ''}>{column?.label}</span>
            ) : (
                <button type="button" className="hover:underline" onClick={onSort}>
                    {column?.label}
                    {sorted !== false && <span aria-hidden="true"> {ARROWS[sorted]}</span>}
                </button>
            )}
        </th>
    );
}
