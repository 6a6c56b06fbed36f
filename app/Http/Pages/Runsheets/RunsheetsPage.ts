import type { RunLine } from './RunLine';
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
    /** how many of these began with an earlier version, and go on with it */
    behind: number;
    /** of the draft where there is one */
    lines: SheetLine[];
};

/** A run that goes on with an earlier version: what would open, be gone and be passed over in the one published. */
export type RunBehind = RunLine & {
    revision: number;
    version: number;
    opens: string[];
    gone: string[];
    passed: string[];
};

export type RunsheetsPageProps = { runsheets: SheetView[] };
