import { usePage } from '@inertiajs/react';
import type { PlaceToGo } from '@props/Navigation';
import type { StatusStripProps } from '@props/StatusStrip';

/** What every page gets. */
export type Shared = {
    viewer: { name: string; slug: string | null; creates: boolean; administers: boolean; places: PlaceToGo[] } | null;
    status: StatusStripProps | null;
    stamp: string;
    /** of the rulebook, on its page alone */
    draftRevision?: number;
    /** on pages that show one */
    task?: { id: string } | null;
    notice: { done: string | null; problem: string | null; undo: { label: string; url: string } | null };
};

export function useShared(): Shared {
    return usePage<Shared>().props;
}
