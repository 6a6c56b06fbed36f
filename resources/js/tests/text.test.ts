import { describe, expect, it } from 'vitest';
import { listed } from '@/lib/text';

describe('a text with semicolons', () => {
    it.each([
        ['drives the van', ['drives the van']],
        [' drives the van ;speaks Finnish', ['drives the van', 'speaks Finnish']],
        ['a;b;a', ['a', 'b']],
        ['a; ', ['a']],
        [';;', []],
        ['', []],
        ['Kilcarn, the north side; van', ['Kilcarn, the north side', 'van']],
    ])('is a list: %j', (text, expected) => {
        expect(listed(text)).toEqual(expected);
    });
});
