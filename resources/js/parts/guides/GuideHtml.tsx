import { useEffect } from 'react';
import { ask } from '@/lib/ask';

/** A guide as the server has rendered it; it is harmless (GuideText). */
export function GuideHtml({ html }: { html: string }) {
    return <div className="guide" dir="auto" data-as-is dangerouslySetInnerHTML={{ __html: html }} />;
}

/** Puts down once that somebody has a guide before them as it is now. */
export function useRead(slug: string, version: string, read: boolean): void {
    useEffect(() => {
        if (!read) void ask('POST', `/guides/${slug}/read`).catch(() => undefined);
    }, [slug, version, read]);
}
