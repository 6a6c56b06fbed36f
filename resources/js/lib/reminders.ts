import type { ReminderLine } from '@props/Reminders/RemindersPage';
import { describeDistance, offsetOf } from './parameters';
import { say } from './words';

/** "1 working day before Due, at 09:00". */
export function whenOf(one: Pick<ReminderLine, 'offset' | 'label' | 'time'>): string {
    return say('reminders.when', {
        side: ['before', 'same', 'after'][Math.sign(offsetOf(one.offset).amount) + 1] ?? 'same',
        span: describeDistance(one.offset),
        field: one.label,
        time: one.time ?? 'none',
    });
}

/** What more there is to say of it: for whom, and by which means. */
export function moreOf(one: ReminderLine): string {
    const channels = one.channels.map((channel) => say(`outbox.channels.${channel}`)).join(', ');
    return [
        ...(one.audience === 'self'
            ? []
            : [say('reminders.for', { audience: say(`reminders.audiences.${one.audience}`) })]),
        ...(channels === '' ? [] : [say('reminders.by', { audience: one.audience, channels })]),
    ].join(', ');
}
