import type { Vocabulary } from '@props/Rules/Vocabulary';
import type { PeopleGroup } from '@/lib/parameters';
import { WordChoice, WordChoices } from './Word';
import { say } from '@/lib/words';

const WHO = ['people', 'team'].map((who) => ({ value: who, label: say('screen.people_control.who', { who }) }));

/** Some people, or everyone in a team. */
export function PeopleControl({
    label,
    value,
    vocabulary,
    onChange,
}: {
    label: string;
    value: PeopleGroup;
    vocabulary: Vocabulary;
    onChange: (value: PeopleGroup) => void;
}) {
    const team = value.team !== undefined;
    return (
        <>
            <WordChoice
                label={say('screen.people_control.people_or_team', { label })}
                value={team ? 'team' : 'people'}
                options={WHO}
                onChange={(next) => onChange(next === 'team' ? { team: '' } : { people: [] })}
            />{' '}
            {team ? (
                <WordChoice
                    label={say('screen.people_control.team', { label })}
                    value={value.team ?? ''}
                    options={vocabulary.teams}
                    onChange={(next) => onChange({ team: next })}
                />
            ) : (
                <WordChoices
                    label={say('screen.people_control.people', { label })}
                    values={value.people ?? []}
                    options={vocabulary.people}
                    onChange={(people) => onChange({ people })}
                />
            )}
        </>
    );
}
