import type { Criteria } from '@props/Rules/RulebookPage';
import type { Option, Vocabulary } from '@props/Rules/Vocabulary';
import { topGroup } from '@/lib/criteria';
import { PersonChoice } from '@/parts/PersonChoice';
import { say } from '@/lib/words';
import { CriteriaEditor } from '@/parts/rule/CriteriaEditor';
import { Button } from '@/ui/Button';

export type Only = Record<string, Criteria>;

type Props = {
    person: string;
    chosen: string[];
    only: Only;
    people: Option[];
    /** null: nobody can be limited to some work here */
    vocabulary: Vocabulary | null;
    wrong: string | undefined;
    onChange: (chosen: string[], only: Only) => void;
};

function without(only: Only, slug: string): Only {
    return Object.fromEntries(Object.entries(only).filter(([one]) => one !== slug));
}

/** Of one substitute: for all work, or for some. */
function ForWork({
    slug,
    name,
    only,
    vocabulary,
    onChange,
}: {
    slug: string;
    name: string;
    only: Criteria | undefined;
    vocabulary: Vocabulary;
    onChange: (next: Criteria | null) => void;
}) {
    if (only === undefined) {
        return (
            <Button
                look="quiet"
                className="min-h-6"
                aria-label={say('absence.limit_of', { person: name })}
                onClick={() => onChange({ all: [{ field: '', op: '' }] })}
            >
                {say('absence.limit')}
            </Button>
        );
    }
    const { kind, parts } = topGroup(only);
    return (
        <div className="border-s-2 border-plum ps-3" data-substitute={slug}>
            <p className="flex items-baseline justify-between text-ink2">
                {say('absence.limited')}
                <Button look="quiet" className="min-h-6" onClick={() => onChange(null)}>
                    {say('absence.unlimit')}
                </Button>
            </p>
            <CriteriaEditor
                kind={kind}
                parts={parts}
                vocabulary={vocabulary}
                onChange={(next) => onChange(topGroup(next).parts.length === 0 ? null : next)}
            />
        </div>
    );
}

/** Who stands in, in the order in which they are asked; an empty one at the end takes one more. */
export function Substitutes({ person, chosen, only, people, vocabulary, wrong, onChange }: Props) {
    const put = (place: number, slug: string): void => {
        const next = [...chosen.slice(0, place), slug, ...chosen.slice(place + 1)].filter((one) => one !== '');
        onChange(next, Object.fromEntries(Object.entries(only).filter(([one]) => next.includes(one))));
    };
    return (
        <fieldset className="space-y-2">
            <legend className="font-medium">{say('absence.substitutes')}</legend>
            {[...chosen, ''].map((slug, place) => (
                <div key={place} className="space-y-1">
                    <PersonChoice
                        aria-label={say('absence.substitute', { place: String(place + 1) })}
                        people={people.filter(
                            (one) => one.value === slug || (one.value !== person && !chosen.includes(one.value)),
                        )}
                        first={[
                            { value: '', label: say(place === 0 ? 'absence.nobody_named' : 'absence.nobody_else') },
                        ]}
                        value={slug}
                        onChange={(next) => put(place, next)}
                    />
                    {slug !== '' && vocabulary !== null && (
                        <ForWork
                            slug={slug}
                            name={people.find((one) => one.value === slug)?.label ?? slug}
                            only={only[slug]}
                            vocabulary={vocabulary}
                            onChange={(next) =>
                                onChange(chosen, next === null ? without(only, slug) : { ...only, [slug]: next })
                            }
                        />
                    )}
                </div>
            ))}
            <p className={`text-xs ${wrong === undefined ? 'text-ink2' : 'text-brick'}`}>
                {wrong ?? say('absence.substitutes_hint')}
            </p>
        </fieldset>
    );
}
