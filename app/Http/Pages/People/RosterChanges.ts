/** What a roster file would do, by names; what is missing in it stays unless removing is chosen. */
export type ListChanges = { added: string[]; changed: string[]; missing: string[] };

export type RosterChanges = Record<'skills' | 'people' | 'teams' | 'absences', ListChanges>;
