/** A case as a search answers it; stage: where it stands, or its outcome. */
export type FoundCase = { id: string; number: number; title: string; stage: string };
