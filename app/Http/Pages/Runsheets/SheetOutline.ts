export type SheetLine = {
    key: string;
    /** how far within others; the root is at 0 */
    depth: number;
    kind: 'step' | 'side_by_side' | 'one_after_another';
    /** of a step */
    name: string | null;
    /** what a step does, in words */
    does: string | null;
    /** of what is side by side: how many of them are enough; null: all */
    first: number | null;
    needed: boolean;
    /** its condition in words; null: it has none */
    if: string | null;
};
