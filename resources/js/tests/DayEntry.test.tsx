// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DayEntry } from '@/ui/DayEntry';
import { MomentEntry } from '@/ui/MomentEntry';

const asked: string[] = [];

beforeEach(() => {
    asked.length = 0;
    vi.stubGlobal(
        'ResizeObserver',
        class {
            observe(): void {}
            unobserve(): void {}
            disconnect(): void {}
        },
    );
    vi.stubGlobal('fetch', (url: string) => {
        asked.push(url);
        const marks = { off: ['2026-03-17'], away: ['2026-03-18'] };
        return Promise.resolve({ ok: true, json: () => Promise.resolve(marks) });
    });
});

function Day({ start = '' }: { start?: string }) {
    const [day, setDay] = useState(start);
    return (
        <>
            <DayEntry aria-label="First day" value={day} person="femi" onChange={setDay} />
            <output>{day}</output>
        </>
    );
}

function Moment() {
    const [reading, setReading] = useState('');
    return (
        <>
            <MomentEntry aria-label="Until" value={reading} onChange={setReading} />
            <output>{reading}</output>
        </>
    );
}

describe('the entry of a day', () => {
    afterEach(() => {
        cleanup();
        vi.unstubAllGlobals();
    });

    it('takes what is typed, keeps what is no day and says so', async () => {
        const user = userEvent.setup();
        render(<Day />);
        const entry = screen.getByRole('textbox', { name: 'First day' });
        await user.type(entry, '16/3/2026');
        expect(screen.getByRole('status').textContent).toBe('2026-03-16');
        await user.clear(entry);
        expect(screen.getByRole('status').textContent).toBe('');
        await user.type(entry, '40/3');
        await user.tab();
        expect([(entry as HTMLInputElement).value, entry.getAttribute('aria-invalid')]).toEqual(['40/3', 'true']);
        expect(entry.getAttribute('title')).toContain('This is no day');
    });

    it('lets one choose from a calendar that marks whose days are off and who is away', async () => {
        const user = userEvent.setup();
        render(<Day start="2026-03-16" />);
        await user.click(screen.getByRole('button', { name: 'Choose a day' }));
        expect(asked).toEqual(['/days?month=2026-03&person=femi']);
        await screen.findByRole('button', { name: 'Wednesday 18 March 2026, away' });
        expect(screen.getByRole('button', { name: 'Tuesday 17 March 2026, off' })).toBeTruthy();
        await user.keyboard('{ArrowRight}{ArrowDown}{Enter}');
        expect(screen.getByRole('status').textContent).toBe('2026-03-24');
        expect(screen.queryByRole('grid')).toBeNull();
    });

    it('begins a moment in the morning of its day, or at the time that was typed first', async () => {
        const user = userEvent.setup();
        render(<Moment />);
        await user.type(screen.getByRole('textbox', { name: 'Until' }), '2026-03-16');
        expect(screen.getByRole('status').textContent).toBe('2026-03-16T09:00');
        await user.clear(screen.getByRole('textbox', { name: 'Until' }));
        const time = screen.getByLabelText('Time of day Until');
        await user.type(time, '14:30');
        await user.type(screen.getByRole('textbox', { name: 'Until' }), '2026-03-17');
        expect(screen.getByRole('status').textContent).toBe('2026-03-17T14:30');
    });
});
