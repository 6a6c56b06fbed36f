import type { Channel, MessageLine } from '@props/Messages/OutboxPage';
import { ask } from './ask';
import type { Formats } from './format';
import { say } from './words';

/** In the order in which they are offered. */
export const CHANNELS: Channel[] = ['mail', 'chat', 'text'];

export type Steered = { done: number; refused: { to: string; said: string }[] };

/** Does something with messages; what can't be done with one of them is told, the others are. */
export function steer(act: 'release' | 'drop' | 'hold' | 'postpone', ids: number[], at?: string): Promise<Steered> {
    return ask<Steered>('POST', `/messages/${act}`, JSON.stringify({ ids, ...(at === undefined ? {} : { at }) }));
}

/** Whether somebody is to look at it. */
export function isWaiting(message: MessageLine): boolean {
    return message.state === 'held' || message.state === 'given_up';
}

/** What stands beside its state: when it went, or is to go, or why it did not. */
export function whenOf(message: MessageLine, formats: Formats): string {
    if (message.sentAt !== null) return formats.moment(message.sentAt);
    const said = [
        ...(message.nextTryAt !== null ? [say('outbox.next_try', { moment: formats.moment(message.nextTryAt) })] : []),
        ...(message.notBefore !== null && message.state === 'to_be_sent'
            ? [say('outbox.not_before', { moment: formats.moment(message.notBefore) })]
            : []),
        ...(message.problem === null ? [] : [problemOf(message.problem)]),
    ];
    return said.join(' · ');
}

export function problemOf(problem: string): string {
    return problem === 'no_address' ? say('outbox.no_address') : problem;
}
