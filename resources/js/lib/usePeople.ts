import type { Choosable } from './people';
import { useAsked } from './useAsked';

const NOBODY: Choosable[] = [];

/** Everybody to whom something can be given; fetched once it is asked for, and empty until it is there. */
export function usePeople(asked = true): Choosable[] {
    return useAsked<{ people: Choosable[] }>(asked ? '/people/choices' : null, 0).answer?.people ?? NOBODY;
}
