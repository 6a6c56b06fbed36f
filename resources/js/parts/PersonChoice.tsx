import type { Choosable } from '@/lib/people';
import { say } from '@/lib/words';
import { Choice, type ChoiceProps } from '@/ui/Choice';

type Props = Omit<ChoiceProps, 'options' | 'words'> & {
    people: Choosable[];
    /** what can be chosen instead of a person, before them all */
    first?: Choosable[];
};

/** Chooses a person by the beginnings of their names. */
export function PersonChoice({ people, first = [], ...choice }: Props) {
    return (
        <Choice
            options={[...first, ...people]}
            words={{ empty: say('person.choose'), found: say('person.found'), none: say('person.none_found') }}
            {...choice}
        />
    );
}
