import type { SheetLine } from './SheetOutline';

export type SheetAbout = 'task' | 'case' | 'house';

export type SheetView = {
    slug: string;
    name: string;
    about: SheetAbout;
    /** more than one run at a time of one task or case */
    several: boolean;
    revision: number;
    hasDraft: boolean;
    published: { number: number; at: string; by: string | null } | null;
    /** how many runs of it go on */
    running: number;
    /** of the draft where there is one */
    lines: SheetLine[];
};

export type RunsheetsPageProps = { runsheets: SheetView[] };
