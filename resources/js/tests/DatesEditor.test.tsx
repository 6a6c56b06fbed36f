// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { DatesEditor } from '@/parts/people/DatesEditor';

afterEach(() => {
    cleanup();
    vi.useRealTimers();
});

describe('the dates of a person', () => {
    it('propose the day that it is in the house, not the one of universal time', async () => {
        // Half past midnight in Dublin, in summer.
        vi.useFakeTimers({ now: new Date('2026-06-30T23:30:00Z'), toFake: ['Date'] });
        const onChange = vi.fn();
        render(<DatesEditor document={{ name: 'Femi' }} wrong={{}} onChange={onChange} />);
        await userEvent.click(screen.getByRole('button', { name: 'Another date' }));
        expect(onChange).toHaveBeenCalledWith({ exceptions: [{ date: '2026-07-01' }] });
    });
});
