import type { Rule } from '@props/Rules/RulebookPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { memo } from 'react';
import { sentence } from '@/lib/describe';
import { useFormats } from '@/lib/format';

export const RuleSentence = memo(function RuleSentence({ rule, vocabulary }: { rule: Rule; vocabulary: Vocabulary }) {
    const formats = useFormats();
    return (
        <span className="text-ink2">
            {sentence(rule, vocabulary, formats.moment).map((piece, index) =>
                piece.bold === true ? (
                    <strong key={index} className="font-medium text-ink">
                        {piece.text}
                    </strong>
                ) : (
                    <span key={index}>{piece.text}</span>
                ),
            )}
        </span>
    );
});
