export type StatusStripProps = {
    unplaced: number;
    /** null: there is none, or the viewer does not see its task */
    lastHandoff: { at: string; number: number; taskId: string; to: string; toSlug: string } | null;
    away: { slug: string; name: string; until: string }[];
    version: number | null;
    zone: string;
};
