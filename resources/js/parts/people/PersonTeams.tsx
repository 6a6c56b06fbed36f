import { DayEntry } from '@/ui/DayEntry';
import type { TeamMembership } from '@props/People/PeoplePage';
import { say } from '@/lib/words';
import type { Props } from './PersonForm';

/** How much of a turn somebody takes in a team, and from when until when they are in it. */
function Membership({
    name,
    membership,
    onChange,
}: {
    name: string;
    membership: TeamMembership;
    onChange: (next: TeamMembership) => void;
}) {
    return (
        <span className="flex items-center gap-2 text-xs text-ink2">
            <label>
                {say('people.weight')}{' '}
                <input
                    type="number"
                    min={1}
                    max={1000}
                    className="entry w-16 px-1 py-0"
                    value={membership.weight}
                    onChange={(event) => onChange({ ...membership, weight: Number(event.target.value) })}
                />
            </label>
            {(['from', 'until'] as const).map((end) => (
                <DayEntry
                    key={end}
                    aria-label={say(`people.team_${end}`, { team: name })}
                    value={membership[end] ?? ''}
                    onChange={(day) => onChange({ ...membership, [end]: day })}
                />
            ))}
        </span>
    );
}

export function Teams({
    teams,
    chosen,
    onChange,
}: {
    teams: Props['teams'];
    chosen: Record<string, TeamMembership>;
    onChange: (next: Record<string, TeamMembership>) => void;
}) {
    const without = (slug: string): Record<string, TeamMembership> =>
        Object.fromEntries(Object.entries(chosen).filter(([one]) => one !== slug));
    return (
        <fieldset>
            <legend className="font-medium">{say('people.teams')}</legend>
            {teams.map((team) => (
                <div key={team.value} className="flex items-center gap-2 py-0.5">
                    <label className="flex flex-1 items-center gap-2">
                        <input
                            type="checkbox"
                            checked={team.value in chosen}
                            onChange={(event) =>
                                onChange(
                                    event.target.checked
                                        ? { ...chosen, [team.value]: { weight: 100 } }
                                        : without(team.value),
                                )
                            }
                        />
                        {team.label}
                    </label>
                    {chosen[team.value] !== undefined && (
                        <Membership
                            name={team.label}
                            membership={chosen[team.value] ?? { weight: 100 }}
                            onChange={(next) => onChange({ ...chosen, [team.value]: next })}
                        />
                    )}
                </div>
            ))}
        </fieldset>
    );
}
