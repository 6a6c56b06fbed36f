export type WrittenVersion = { number: number; at: string; by: string | null };

/** Something that leads write, with a draft and versions; null: a new one. */
export type Written = {
    slug: string;
    name: string;
    revision: number;
    hasDraft: boolean;
    published: number | null;
} | null;
