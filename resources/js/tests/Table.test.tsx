// @vitest-environment jsdom
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Table } from '@/ui/Table';
import type { TableColumn } from '@/ui/useTableOf';

type Horn = { id: string; name: string; valves: string };

const HORNS: Horn[] = [
    { id: 'c', name: 'Cornet', valves: '3' },
    { id: 'a', name: 'Alto horn', valves: '3' },
    { id: 'é', name: 'Écho horn', valves: '4' },
    { id: 't', name: 'Tuba', valves: '10' },
];

const chosen = vi.fn();

const COLUMNS: TableColumn<Horn>[] = [
    {
        id: 'name',
        label: 'Name',
        value: (horn) => horn.name,
        cell: (horn) => (
            <button type="button" onClick={() => chosen(horn.id)}>
                {horn.name}
            </button>
        ),
    },
    { id: 'valves', label: 'Valves', value: (horn) => horn.valves, cell: (horn) => horn.valves },
    { id: 'note', label: 'Note', silent: true, cell: () => '–' },
];

function Horns({ sought = '', horns = HORNS, current }: { sought?: string; horns?: Horn[]; current?: string }) {
    const [picked, setPicked] = useState<string[]>([]);
    return (
        <>
            <Table
                label="Horns"
                rows={horns}
                columns={COLUMNS}
                idOf={(horn) => horn.id}
                nothing="There is none."
                sought={sought}
                chosen={current}
                picking={{ picked, onPick: setPicked, all: 'Pick all', one: (horn) => `Pick ${horn.name}` }}
            />
            <output>{picked.join(' ')}</output>
        </>
    );
}

const names = (): string[] => screen.getAllByRole('rowheader').map((one) => one.textContent);

describe('the table', () => {
    afterEach(cleanup);

    it('sorts by a head: up, down, and as it was; accents beside their letter, numbers by their value', async () => {
        const user = userEvent.setup();
        render(<Horns />);
        expect(names()).toEqual(['Cornet', 'Alto horn', 'Écho horn', 'Tuba']);
        const head = screen.getByRole('columnheader', { name: /Name/ });
        await user.click(within(head).getByRole('button'));
        expect(names()).toEqual(['Alto horn', 'Cornet', 'Écho horn', 'Tuba']);
        expect(head.getAttribute('aria-sort')).toBe('ascending');
        await user.click(within(head).getByRole('button'));
        expect(names()).toEqual(['Tuba', 'Écho horn', 'Cornet', 'Alto horn']);
        await user.click(within(head).getByRole('button'));
        expect(names()).toEqual(['Cornet', 'Alto horn', 'Écho horn', 'Tuba']);
        await user.click(screen.getByRole('button', { name: 'Valves' }));
        expect(names().at(-1)).toBe('Tuba');
        expect(within(screen.getByRole('columnheader', { name: 'Note' })).queryByRole('button')).toBeNull();
    });

    it('shows rows in which what is sought is, and says where there is none', () => {
        const { rerender } = render(<Horns sought=" HORN " />);
        expect(names()).toEqual(['Alto horn', 'Écho horn']);
        rerender(<Horns sought="viola" />);
        expect(screen.queryAllByRole('rowheader')).toEqual([]);
        expect(screen.getByText('There is none.')).toBeTruthy();
    });

    it('ticks one, and all that are shown', async () => {
        const user = userEvent.setup();
        const { rerender } = render(<Horns />);
        await user.click(screen.getByRole('checkbox', { name: 'Pick Tuba' }));
        expect(screen.getByRole('status').textContent).toBe('t');
        expect((screen.getByRole('checkbox', { name: 'Pick all' }) as HTMLInputElement).indeterminate).toBe(true);
        rerender(<Horns sought="horn" />);
        await user.click(screen.getByRole('checkbox', { name: 'Pick all' }));
        expect(screen.getByRole('status').textContent?.split(' ').sort()).toEqual(['a', 't', 'é']);
        await user.click(screen.getByRole('checkbox', { name: 'Pick all' }));
        expect(screen.getByRole('status').textContent).toBe('t');
    });

    it('goes from row to row by the arrow keys, and marks the one that is shown beside it', async () => {
        const user = userEvent.setup();
        render(<Horns current="a" />);
        screen.getByRole('button', { name: 'Cornet' }).focus();
        await user.keyboard('{ArrowDown}{ArrowDown}{ArrowUp}{Enter}');
        expect(chosen).toHaveBeenCalledWith('a');
        expect(screen.getByRole('row', { current: true }).textContent).toContain('Alto horn');
    });
});
