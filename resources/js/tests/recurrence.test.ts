import { describe, expect, it } from 'vitest';
import { dayOptions, describeRecurrence, readRecurrence, writeRecurrence } from '@/lib/recurrence';

describe('a recurrence rule that is edited', () => {
    it.each([
        'FREQ=DAILY;INTERVAL=3',
        'FREQ=WEEKLY;INTERVAL=2;BYDAY=FR',
        'FREQ=WEEKLY;BYDAY=MO,TH',
        'FREQ=MONTHLY;BYMONTHDAY=1,-1',
        'FREQ=MONTHLY;BYDAY=2TU,-1FR',
        'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1',
        'FREQ=YEARLY;BYMONTH=8;BYMONTHDAY=20',
        'FREQ=YEARLY;INTERVAL=2;BYMONTH=4,10;BYDAY=1MO',
    ])('is written as it was read: %s', (rule) => {
        expect(writeRecurrence(readRecurrence(rule))).toBe(rule);
    });

    it('says of several weekdays with one place that they are one', () => {
        expect(describeRecurrence('FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1')).toBe(
            'every month on the last working weekday',
        );
        expect(describeRecurrence('FREQ=MONTHLY;BYDAY=SA,SU;BYSETPOS=1')).toBe(
            'every month on the first of Saturday, Sunday',
        );
        expect(describeRecurrence('FREQ=MONTHLY;BYDAY=MO;BYSETPOS=2')).toBe('every month on the second Monday');
    });

    it('offers days by their sort', () => {
        expect(dayOptions('WEEKLY', 'day').map((one) => one.value)).toEqual(['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU']);
        expect(dayOptions('MONTHLY', 'day')).toHaveLength(29);
        expect(dayOptions('MONTHLY', 'nth')[1]).toEqual({ value: '1TU', label: 'the first Tuesday' });
        expect(dayOptions('MONTHLY', 'workday').map((one) => one.label)).toContain('the last working weekday');
    });
});
