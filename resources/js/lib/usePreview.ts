import { useAskedBy } from './useAskedBy';

const PAUSE = 300;

/**
 * What the server says of a text that is written; null: not yet. Where it can't be asked, what was known last stays;
 * saving tells what is wrong.
 */
export const usePreview = <T>(url: string, text: string): T | null => useAskedBy<T>(url, text, PAUSE).answer;
