import { say } from '@/lib/words';

/** By which id rules and other systems will know what is being named; nothing while it has no name. */
export function knownAs(id: string, before = ''): string | undefined {
    return id === '' ? undefined : say('known_as', { id: `${before}${id}` });
}
