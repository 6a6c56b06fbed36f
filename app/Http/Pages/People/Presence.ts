/** Where somebody stands now: core/src/People/Presence.php. */
export type Presence = 'inactive' | 'gone' | 'to_come' | 'away' | 'paused' | 'in' | 'off';
