import { Link, router } from '@inertiajs/react';
import type { PeoplePageProps, PersonDocument, TeamMembership } from '@props/People/PeoplePage';
import { useState } from 'react';
import { ask, Problem } from '@/lib/ask';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';
import { CalendarHours, DatesEditor, HoursEditor } from './HoursEditor';
import { MoreOf } from './MoreOf';

type Props = Pick<
    PeoplePageProps,
    'teams' | 'skills' | 'zones' | 'houseZone' | 'house' | 'places' | 'fields' | 'people'
> & { person: NonNullable<PeoplePageProps['person']>; onClose: () => void };
export type Part = {
    document: PersonDocument;
    wrong: Record<string, string>;
    set: (changes: Partial<PersonDocument>) => void;
};

/** What is empty is not said. */
function filled(document: PersonDocument): PersonDocument {
    return Object.fromEntries(
        Object.entries(document).filter(([, value]) => value !== undefined && value !== '' && value !== null),
    ) as PersonDocument;
}

function Plain({ document, wrong, set, zones, houseZone }: Part & Pick<Props, 'zones' | 'houseZone'>) {
    return (
        <div className="grid gap-3 sm:grid-cols-2">
            <Labelled label={say('people.name')} wrong={wrong['/name']}>
                <input
                    className="entry"
                    maxLength={200}
                    value={document.name ?? ''}
                    onChange={(event) => set({ name: event.target.value })}
                />
            </Labelled>
            <Labelled label={say('people.zone')} wrong={wrong['/zone']}>
                <select
                    className="entry"
                    value={document.zone ?? ''}
                    onChange={(event) => set({ zone: event.target.value })}
                >
                    <option value="">{say('people.zone_of_house', { zone: houseZone })}</option>
                    {zones.map((one) => (
                        <option key={one}>{one}</option>
                    ))}
                </select>
            </Labelled>
            <Labelled label={say('people.email')} wrong={wrong['/email']}>
                <input
                    type="email"
                    className="entry"
                    maxLength={200}
                    value={document.email ?? ''}
                    onChange={(event) => set({ email: event.target.value })}
                />
            </Labelled>
            <Labelled label={say('people.phone')} wrong={wrong['/phone']}>
                <input
                    type="tel"
                    className="entry"
                    maxLength={60}
                    value={document.phone ?? ''}
                    onChange={(event) => set({ phone: event.target.value })}
                />
            </Labelled>
            <Labelled label={say('people.from')} hint={say('people.from_hint')} wrong={wrong['/from']}>
                <input
                    type="date"
                    className="entry"
                    value={document.from ?? ''}
                    onChange={(event) => set({ from: event.target.value })}
                />
            </Labelled>
            <Labelled label={say('people.until')} hint={say('people.until_hint')} wrong={wrong['/until']}>
                <input
                    type="date"
                    className="entry"
                    value={document.until ?? ''}
                    onChange={(event) => set({ until: event.target.value })}
                />
            </Labelled>
            <label className="flex items-center gap-2 sm:col-span-2">
                <input
                    type="checkbox"
                    checked={document.active !== false}
                    onChange={(event) => set({ active: event.target.checked })}
                />
                {say('people.active')}
            </label>
        </div>
    );
}

function Capacity({ document, wrong, set }: Part) {
    const byMinutes = document.capacity?.minutes_a_day !== undefined;
    const problem = Object.entries(wrong).find(([at]) => at.startsWith('/capacity'))?.[1];
    return (
        <div className="grid gap-3 sm:grid-cols-3">
            <Labelled label={say('people.capacity')}>
                <select
                    className="entry"
                    value={byMinutes ? 'minutes' : 'percent'}
                    onChange={(event) =>
                        set({ capacity: event.target.value === 'minutes' ? { minutes_a_day: 360 } : { percent: 80 } })
                    }
                >
                    <option value="percent">{say('people.by_percent')}</option>
                    <option value="minutes">{say('people.by_minutes')}</option>
                </select>
            </Labelled>
            <Labelled label={say(byMinutes ? 'people.minutes' : 'people.percent')} wrong={problem}>
                <input
                    type="number"
                    className="entry"
                    min={1}
                    max={byMinutes ? 1440 : 100}
                    value={(byMinutes ? document.capacity?.minutes_a_day : (document.capacity?.percent ?? 80)) ?? ''}
                    onChange={(event) =>
                        set({
                            capacity: byMinutes
                                ? { minutes_a_day: Number(event.target.value) }
                                : { percent: Number(event.target.value) },
                        })
                    }
                />
            </Labelled>
            <Labelled
                label={say('people.most_open')}
                hint={say('people.most_open_hint')}
                wrong={wrong['/open_tasks_at_most']}
            >
                <input
                    type="number"
                    className="entry"
                    min={1}
                    max={1000}
                    value={document.open_tasks_at_most ?? ''}
                    onChange={(event) =>
                        set({
                            open_tasks_at_most: event.target.value === '' ? undefined : Number(event.target.value),
                        } as Partial<PersonDocument>)
                    }
                />
            </Labelled>
        </div>
    );
}

function Skills({ document, set, skills }: Part & Pick<Props, 'skills'>) {
    const levels = document.skills ?? {};
    return (
        <fieldset>
            <legend className="font-medium">{say('people.skills')}</legend>
            <div className="grid grid-cols-2 gap-x-4 sm:grid-cols-3">
                {skills.map((skill) => (
                    <label key={skill.value} className="flex items-center justify-between gap-2 py-0.5">
                        <span className="truncate">{skill.label}</span>
                        <select
                            className="entry px-1 py-0"
                            value={levels[skill.value] ?? 0}
                            onChange={(event) => {
                                const level = Number(event.target.value);
                                set({
                                    skills: Object.fromEntries([
                                        ...Object.entries(levels).filter(([one]) => one !== skill.value),
                                        ...(level === 0 ? [] : [[skill.value, level] as const]),
                                    ]),
                                });
                            }}
                        >
                            <option value={0}>–</option>
                            {[1, 2, 3].map((level) => (
                                <option key={level}>{level}</option>
                            ))}
                        </select>
                    </label>
                ))}
            </div>
        </fieldset>
    );
}

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
                <input
                    key={end}
                    type="date"
                    className="entry w-32 px-1 py-0"
                    aria-label={say(`people.team_${end}`, { team: name })}
                    value={membership[end] ?? ''}
                    onChange={(event) => onChange({ ...membership, [end]: event.target.value })}
                />
            ))}
        </span>
    );
}

function Teams({
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

/** Saves a person, and says where something is not right. */
function useSaving(
    slug: string | null,
    document: PersonDocument,
    chosen: Record<string, TeamMembership>,
): { wrong: Record<string, string>; said: string; save: () => Promise<void> } {
    const [wrong, setWrong] = useState<Record<string, string>>({});
    const [said, setSaid] = useState('');
    const save = async (): Promise<void> => {
        setWrong({});
        setSaid('');
        try {
            const saved = await ask<{ slug: string }>(
                slug === null ? 'POST' : 'PUT',
                slug === null ? '/people' : `/people/${slug}`,
                JSON.stringify({ document: filled(document), teams: chosen }),
            );
            if (slug !== null) setSaid(say('people.saved'));
            router.visit(`/people?person=${saved.slug}`, { preserveState: slug !== null, preserveScroll: true });
        } catch (error) {
            if (!(error instanceof Problem)) throw error;
            setWrong(
                Object.fromEntries(
                    error.errors.map((one) => [
                        one.pointer.replace(/^\/people\/\d+/, '').replace(/^\/document/, ''),
                        one.detail,
                    ]),
                ),
            );
            setSaid(error.errors.length === 0 ? error.message : say('people.not_saved'));
        }
    };
    return { wrong, said, save };
}

/** Whose holidays somebody has, where there are others than those of the house. */
function HolidaysOf({ document, wrong, set, house }: Part & Pick<Props, 'house'>) {
    if ((house.calendars ?? []).length === 0) return null;
    return (
        <Labelled label={say('people.calendar')} hint={say('people.calendar_hint')} wrong={wrong['/calendar']}>
            <select
                className="entry"
                value={document.calendar ?? ''}
                onChange={(event) => set({ calendar: event.target.value })}
            >
                <option value="">{say('people.calendar_of_house')}</option>
                {house.calendars?.map((one) => (
                    <option key={one.id} value={one.id}>
                        {one.name}
                    </option>
                ))}
            </select>
        </Labelled>
    );
}

/** All that is known of a person, to be changed; what is wrong stands beside it, and nothing that was typed is lost. */
export function PersonForm({ person, teams, skills, zones, houseZone, house, places, fields, people, onClose }: Props) {
    const [document, setDocument] = useState<PersonDocument>(person.document);
    const [chosen, setChosen] = useState(person.teams);
    const { wrong, said, save } = useSaving(person.slug, document, chosen);
    const set = (changes: Partial<PersonDocument>): void => setDocument((now) => ({ ...now, ...changes }));
    const part = { document, wrong, set };
    return (
        <form
            className="space-y-5 p-4"
            onSubmit={(event) => {
                event.preventDefault();
                void save();
            }}
        >
            <Plain {...part} zones={zones} houseZone={houseZone} />
            <Teams teams={teams} chosen={chosen} onChange={setChosen} />
            <Skills {...part} skills={skills} />
            <MoreOf {...part} places={places} fields={fields} people={people} />
            <Capacity {...part} />
            <HoursEditor document={document} wrong={wrong} onChange={set} />
            <HolidaysOf {...part} house={house} />
            <DatesEditor document={document} wrong={wrong} onChange={set} />
            <CalendarHours document={document} onChange={set} />
            {Object.entries(wrong)
                .filter(
                    ([at]) =>
                        !/^\/(name|zone|email|phone|from|until|capacity|open_tasks_at_most|hours|exceptions|holidays|calendar|attributes|place|fields)/.test(
                            at,
                        ),
                )
                .map(([at, text]) => (
                    <p key={at} className="text-brick">
                        {text}
                    </p>
                ))}
            <div className="sticky bottom-0 flex items-center gap-3 border-t border-line bg-paper py-3">
                <Button type="submit" look="main">
                    {say('people.save')}
                </Button>
                <Button onClick={onClose}>{say('people.close')}</Button>
                {person.slug !== null && person.document.active !== false && (
                    <Link href={`/people/${person.slug}/leaving`} className="ml-auto text-brick underline">
                        {say('leaving.link')}
                    </Link>
                )}
                <span role="status" className="text-ink2">
                    {said}
                </span>
            </div>
        </form>
    );
}
