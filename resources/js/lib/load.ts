import type { Measure } from '@props/StatusStrip';
import { duration, tenths } from './format';
import { say } from './words';

/** A task, or one of a field, is counted in hundredths; in minutes each is one. */
const PARTS = 100;

let measure: Measure = { of: 'minutes', name: '' };

/** In what the house measures load; the frame says it before the page is drawn. */
export function measureBy(house: Measure): void {
    measure = house;
}

/** Of an amount of load: hours, tasks, or as many of the field. */
export function loadValue(amount: number): number {
    return amount / (measure.of === 'minutes' ? 60 : PARTS);
}

/** "1.6": hours, tasks, or as many of the field. */
export function loadNumber(amount: number): string {
    return tenths(loadValue(amount));
}

/** "29.0 h", "12.5 tasks". */
export function loadShort(amount: number): string {
    return say(`load.${measure.of}`, { number: loadNumber(amount), name: measure.name });
}

/** 95 minutes are "1 h 35"; "12.5 tasks". */
export function load(amount: number): string {
    return measure.of === 'minutes' ? duration(amount) : loadShort(amount);
}

/** The unit on an axis. */
export function loadUnit(): string {
    return measure.of === 'minutes' ? say('load.unit_hours') : '';
}

/** For words that name the unit. */
export function measureSlots(): { measure: string; name: string } {
    return { measure: measure.of, name: measure.name };
}
