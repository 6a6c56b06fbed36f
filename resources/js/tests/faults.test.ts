import { Problem } from '@/lib/ask';
import { faultsOf } from '@/lib/faults';
import { expect, it } from 'vitest';

it('says of a file what is wrong and where', () => {
    expect(
        faultsOf(
            new Problem(422, 'The document is not right.', [
                { pointer: '/people/0/id', detail: 'There is another "a".' },
                { pointer: '', detail: 'This is not JSON.' },
            ]),
        ),
    ).toEqual(['/people/0/id: There is another "a".', 'This is not JSON.']);
    expect(faultsOf(new Problem(403, 'This is not for you.', []))).toEqual(['This is not for you.']);
    expect(faultsOf(new TypeError('Failed to fetch'))).toEqual(['The server cannot be reached. Try again.']);
});
