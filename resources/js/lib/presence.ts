import type { Presence } from '@props/People/Presence';

const LOOKS: Partial<Record<Presence, string>> = { away: 'text-plum', paused: 'text-ochre', in: '' };

/** How it looks where somebody stands now, beside what is said of it. */
export function presenceLook(state: Presence): string {
    return LOOKS[state] ?? 'text-ink2';
}
