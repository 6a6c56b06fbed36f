import type { Rule } from '@props/RulebookPage';
import type { Vocabulary } from '@props/Vocabulary';
import { sentence } from '@/lib/sentence';

export function RuleSentence({ rule, vocabulary }: { rule: Rule; vocabulary: Vocabulary }) {
    return (
        <span className="text-ink2">
            {sentence(rule, vocabulary).map((piece, index) => (piece.bold === true ? <strong key={index} className="font-medium text-ink">{piece.text}</strong> : <span key={index}>{piece.text}</span>))}
        </span>
    );
}
