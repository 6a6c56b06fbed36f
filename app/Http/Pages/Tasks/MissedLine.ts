/** A moment of a rule that was past already when the date it hangs on was set. */
export type MissedLine = { task: string; number: number; timer: string; rule: string; at: string };
