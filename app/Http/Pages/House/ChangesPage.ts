import type { Option } from '../Rules/Vocabulary';

export type ChangeLine = {
    id: number;
    at: string;
    who: string;
    /** what was done, as a sentence without who */
    said: string;
    lines: { label: string; before: string; after: string }[];
};

export type ChangesPageProps = {
    /** by whom, of what, when */
    asked: Partial<Record<'who' | 'of' | 'from' | 'until', string>>;
    /** the latest first */
    changes: ChangeLine[];
    /** from which on there are earlier ones */
    earlier: number | null;
    people: Option[];
    logs: string[];
};
