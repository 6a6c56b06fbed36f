export type TaskFileLine = { id: string; name: string; size: number; at: string; by: string };

/** the latest first; earlier: the id before which there are more */
export type TaskFiles = { files: TaskFileLine[]; earlier: string | null };
