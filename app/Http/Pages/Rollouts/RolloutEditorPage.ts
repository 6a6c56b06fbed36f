import type { PersonRef } from '../PersonRef';
import type { Fault } from '../Rules/RulebookPage';
import type { Option, Vocabulary } from '../Rules/Vocabulary';

export type TreeNode = { id: string; name: string; parent: string | null; level: string | null };

export type RolloutDocument = {
    name: string;
    tree: string;
    branches: string[];
    levels: string[];
    without: string[];
    task_kind?: string;
    title: string;
    details?: string;
    holder?: string;
    reviewer?: string;
    start?: string;
    due?: string;
    hidden?: boolean;
    estimate?: string;
    checklist?: string;
};

export type RolloutPreview = {
    faults: Fault[];
    /** null: what stands against it lets nothing be told */
    plan: {
        total: number;
        gaps: number;
        tasks: {
            node: string;
            name: string;
            title: string;
            holder: PersonRef | null;
            /** null: the holder is there; person null: nobody stands in */
            standsIn: { person: PersonRef | null } | null;
            /** the node above it whose person it is; null: its own */
            from: string | null;
            reviewer: PersonRef | null;
            isGap: boolean;
        }[];
        /** open: tasks that they have by now */
        people: { person: PersonRef; tasks: number; open: number }[];
    } | null;
};

export type RolloutEditorPageProps = {
    /** of one that is to come again; null: a new one */
    document: RolloutDocument | null;
    /** nodes by tree, each before what lies in it */
    trees: Record<string, TreeNode[]>;
    /** of places */
    levels: Option[];
    /** by which somebody answers for a node */
    attributes: Record<string, string[]>;
    /** of the node, for texts */
    fields: Option[];
    vocabulary: Vocabulary;
};
