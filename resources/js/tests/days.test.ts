import { addDays, fromDate, shownDay, toDate, typedDay } from '@/lib/days';
import { setWords } from '@/lib/words';
import en from '@words/en';
import { afterEach, describe, expect, it } from 'vitest';

const TODAY = '2026-03-02';

describe('days', () => {
    afterEach(() => setWords(en, 'en-IE'));

    it.each([
        ['2026-03-16', '2026-03-16'],
        ['16/3', '2026-03-16'],
        ['16.3.', '2026-03-16'],
        ['16 3 27', '2027-03-16'],
        ['16-03-2026', '2026-03-16'],
        ['1/1', '2026-01-01'],
        ['30/12', '2026-12-30'],
        ['29/2/2028', '2028-02-29'],
        ['+3', '2026-03-05'],
        ['-2', '2026-02-28'],
        ['31/2', null],
        ['29/2', null],
        ['13/13', null],
        ['soon', null],
        ['', null],
    ])('reads "%s" as it is written in Ireland', (text, day) => {
        expect(typedDay(text, TODAY)).toBe(day);
    });

    it('takes a day without its year for the next, or for one of the last two months', () => {
        expect(typedDay('3/1', '2026-03-02')).toBe('2026-01-03');
        expect(typedDay('30/12', '2026-12-31')).toBe('2026-12-30');
        expect(typedDay('5/1', '2026-12-31')).toBe('2027-01-05');
    });

    it.each([
        ['en-US', '3/16/2026'],
        ['en-CA', '2026-03-16'],
        ['en-IE', '16/3/2026'],
        ['ar-EG', '16/3/2026'],
    ])('shows a day as %s writes it, and reads it again', (formats, shown) => {
        setWords(en, formats);
        expect(shownDay('2026-03-16')).toBe(shown);
        expect(typedDay(shown, TODAY)).toBe('2026-03-16');
    });

    it('goes over the ends of months, and through the clocks of any machine', () => {
        expect(addDays('2026-02-27', 3)).toBe('2026-03-02');
        expect(fromDate(toDate('2026-03-29'))).toBe('2026-03-29');
    });
});
