// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { named } from '@/lib/people';
import { PersonChoice } from '@/parts/PersonChoice';

const people = [
    { value: 'ayumi', label: 'Ayumi Takeda' },
    { value: 'ronan', label: 'Rónán Breathnach', note: 'away until Friday' },
    { value: 'ro', label: 'Rowan Takeda-Lund' },
];

function Host({ start = '', onChoose }: { start?: string; onChoose: (value: string) => void }) {
    const [value, setValue] = useState(start);
    return (
        <>
            <PersonChoice
                aria-label="To"
                people={people}
                first={[{ value: '', label: 'nobody' }]}
                value={value}
                onChange={(next) => {
                    setValue(next);
                    onChoose(next);
                }}
            />
            <button type="button">elsewhere</button>
        </>
    );
}

function setUp(start = ''): { chosen: string[]; entry: HTMLInputElement; user: ReturnType<typeof userEvent.setup> } {
    const chosen: string[] = [];
    render(<Host start={start} onChoose={(value) => chosen.push(value)} />);
    return { chosen, entry: screen.getByRole('combobox', { name: 'To' }), user: userEvent.setup() };
}

const offered = (): string[] => screen.queryAllByRole('option').map((one) => one.textContent ?? '');

afterEach(cleanup);

describe('choosing a person', () => {
    it('finds by the beginnings of names, without capitals and accents', () => {
        const found = (text: string): string[] => named(people, text).map((one) => one.value);
        expect(found('ro')).toEqual(['ronan', 'ro']);
        expect(found('takeda')).toEqual(['ayumi', 'ro']);
        expect(found('lund ro')).toEqual(['ro']);
        expect(found('kada')).toEqual([]);
        expect(found(' ')).toEqual(['ayumi', 'ronan', 'ro']);
        expect(
            named(
                Array.from({ length: 500 }, (_, at) => ({ value: String(at), label: `Ro ${at}` })),
                'ro',
            ),
        ).toHaveLength(60);
    });

    it('is chosen by keys alone, with what is to be known of somebody', async () => {
        const { chosen, entry, user } = setUp();
        await user.click(entry);
        expect(offered()).toEqual(['nobody', 'Ayumi Takeda', 'Rónán Breathnachaway until Friday', 'Rowan Takeda-Lund']);
        await user.keyboard('ro');
        expect(offered()).toEqual(['Rónán Breathnachaway until Friday', 'Rowan Takeda-Lund']);
        await user.keyboard('{ArrowDown}{Enter}');
        expect(chosen).toEqual(['ro']);
        expect(entry.value).toBe('Rowan Takeda-Lund');
        expect(offered()).toEqual([]);
    });

    it('takes back nobody, and forgets what is typed and not chosen', async () => {
        const { chosen, entry, user } = setUp('ayumi');
        expect(entry.value).toBe('Ayumi Takeda');
        await user.click(entry);
        await user.keyboard('nob{Enter}');
        expect(chosen).toEqual(['']);
        await user.click(entry);
        await user.keyboard('x');
        expect(screen.getByText('Nobody has a name that begins so.')).toBeTruthy();
        await user.keyboard('{Escape}');
        await user.click(screen.getByRole('button', { name: 'elsewhere' }));
        expect(entry.value).toBe('nobody');
        expect(chosen).toEqual(['']);
    });
});
