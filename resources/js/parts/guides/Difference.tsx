import { diffWordsWithSpace } from 'diff';
import { say } from '@/lib/words';

/** What was taken out of a text and what was put in, in it. */
export function Difference({ before, after }: { before: string; after: string }) {
    return (
        <p className="wrap-anywhere whitespace-pre-wrap" dir="auto">
            {diffWordsWithSpace(before, after).map((part, index) =>
                part.added ? (
                    <ins key={index} className="bg-pine-wash" aria-label={say('guides.put_in')}>
                        {part.value}
                    </ins>
                ) : part.removed ? (
                    <del key={index} className="text-brick" aria-label={say('guides.taken_out')}>
                        {part.value}
                    </del>
                ) : (
                    part.value
                ),
            )}
        </p>
    );
}
