import type { Coverage } from '@props/Rules/RulebookPage';
import { useEffect, useState } from 'react';
import { ask } from './ask';
import { useShared } from './shared';

const PAUSE = 1500;

/**
 * What the rules take of the recent work: of those in force, or of the draft at
 * a revision. It is worked out in the background; until it is finished it is
 * asked for again and again, and what is there is shown.
 */
export function useCoverage(revision: number | null): Coverage | null {
    const { stamp } = useShared();
    const key = revision === null ? '' : `?revision=${revision}`;
    const [known, setKnown] = useState<{ key: string; coverage: Coverage | null }>({ key: '', coverage: null });

    useEffect(() => {
        let gone = false;
        let timer: ReturnType<typeof setTimeout> | undefined;
        const look = async (): Promise<void> => {
            try {
                const { coverage } = await ask<{ coverage: Coverage | null }>('GET', `/rulebook/coverage${key}`);
                if (gone) return;
                setKnown({ key, coverage });
                if (coverage?.finished === false) timer = setTimeout(() => void look(), PAUSE);
            } catch {
                if (!gone) timer = setTimeout(() => void look(), 4 * PAUSE);
            }
        };
        void look();
        return () => {
            gone = true;
            clearTimeout(timer);
        };
    }, [key, stamp]);

    // While the coverage of a new revision is on its way, the one before is better than none.
    return known.coverage;
}
