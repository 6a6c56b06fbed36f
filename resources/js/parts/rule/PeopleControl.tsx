import type { Vocabulary } from '@props/Rules/Vocabulary';
import type { PeopleGroup } from '@/lib/parameters';
import { WordChoice, WordChoices } from './Word';

const WHO = [
    { value: 'people', label: 'one of' },
    { value: 'team', label: 'somebody of the team' },
];

/** Some people, or everyone in a team. */
export function PeopleControl({ label, value, vocabulary, onChange }: { label: string; value: PeopleGroup; vocabulary: Vocabulary; onChange: (value: PeopleGroup) => void }) {
    const team = value.team !== undefined;
    return (
        <>
            <WordChoice label={`${label}: people or a team`} value={team ? 'team' : 'people'} options={WHO} onChange={(next) => onChange(next === 'team' ? { team: '' } : { people: [] })} />{' '}
            {team ? (
                <WordChoice label={`${label}: team`} value={value.team ?? ''} options={vocabulary.teams} onChange={(next) => onChange({ team: next })} />
            ) : (
                <WordChoices label={`${label}: people`} values={value.people ?? []} options={vocabulary.people} onChange={(people) => onChange({ people })} />
            )}
        </>
    );
}
