/** In what the house measures load; name: of the field by which it does. */
export type Measure = { of: 'minutes' | 'tasks' | 'field'; name: string };

export type StatusStripProps = {
    /** what whoever looks was told and has not read; null: they are nobody who is told things */
    news: number | null;
    unplaced: number;
    /** null: there is none, or the viewer does not see its task */
    lastHandoff: { at: string; number: number; taskId: string; to: string; toSlug: string } | null;
    away: { slug: string; name: string; until: string }[];
    version: number | null;
    zone: string;
    measure: Measure;
    /** the house is still being set up, and the viewer may do so */
    settingUp: boolean;
};
