export type StatusStripProps = {
    unplaced: number;
    lastHandoff: { at: string; number: number; taskId: string; to: string; toSlug: string } | null;
    away: { slug: string; name: string; until: string }[];
    version: number | null;
    zone: string;
};
