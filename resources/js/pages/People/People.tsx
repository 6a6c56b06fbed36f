import { Head, Link, router } from '@inertiajs/react';
import type { PeoplePageProps, PersonLine } from '@props/People/PeoplePage';
import { useMemo, useState } from 'react';
import { useFormats } from '@/lib/format';
import { presenceLook } from '@/lib/presence';
import { say } from '@/lib/words';
import { ChangeDialog } from '@/parts/people/ChangeDialog';
import { HouseParts } from '@/parts/people/HouseParts';
import { PersonForm } from '@/parts/people/PersonForm';
import { PersonName } from '@/parts/PersonMark';
import { RosterFile } from '@/parts/roster/RosterFile';
import { Button } from '@/ui/Button';

const COLUMNS =
    'grid grid-cols-[28px_minmax(150px,1.1fr)_minmax(120px,1fr)_minmax(150px,1.4fr)_minmax(90px,0.6fr)] items-center gap-x-2';

function matches(person: PersonLine, text: string, team: string): boolean {
    const sought = text.trim().toLocaleLowerCase();
    return (
        (team === '' || person.teams.includes(team)) &&
        (sought === '' ||
            [person.name, ...person.teams, ...person.skills.map((one) => one.name)].some((one) =>
                one.toLocaleLowerCase().includes(sought),
            ))
    );
}

function State({ person }: { person: PersonLine }) {
    const formats = useFormats();
    const day = person.state === 'to_come' && person.from !== null ? formats.moment(person.from) : '';
    return (
        <span className={presenceLook(person.state)}>
            {say(`people.states.${person.state}`)}
            {day !== '' && ` ${day}`}
            {person.until !== null && person.state !== 'gone' && (
                <span className="block text-xs text-ochre">
                    {say('people.leaves', { day: formats.lastDay(person.until) })}
                </span>
            )}
        </span>
    );
}

function Row({
    person,
    chosen,
    picked,
    onPick,
    onChoose,
}: {
    person: PersonLine;
    chosen: boolean;
    picked: boolean;
    onPick: (on: boolean) => void;
    onChoose: () => void;
}) {
    return (
        <div role="row" className={`${COLUMNS} min-h-8 border-t border-line px-3 py-1 ${chosen ? 'bg-pine-wash' : ''}`}>
            <span role="cell">
                <input
                    type="checkbox"
                    aria-label={say('people.pick', { person: person.name })}
                    checked={picked}
                    onChange={(event) => onPick(event.target.checked)}
                />
            </span>
            <span role="rowheader" className="min-w-0">
                <button type="button" className="max-w-full text-left hover:underline" onClick={onChoose}>
                    <PersonName slug={person.slug} name={person.name} />
                </button>
            </span>
            <span role="cell" className="min-w-0 truncate text-ink2" title={person.teams.join(', ')}>
                {person.teams.join(', ')}
            </span>
            <span
                role="cell"
                className="min-w-0 truncate text-ink2"
                title={person.skills.map((one) => `${one.name} ${one.level}`).join(', ')}
            >
                {person.skills.map((one) => `${one.name} ${one.level}`).join(', ')}
            </span>
            <span role="cell">
                <State person={person} />
            </span>
        </div>
    );
}

export default function People({
    people,
    teams,
    skills,
    zones,
    houseZone,
    house,
    places,
    fields,
    person,
}: PeoplePageProps) {
    const [text, setText] = useState('');
    const [team, setTeam] = useState('');
    const [picked, setPicked] = useState<Set<string>>(new Set());
    const [changing, setChanging] = useState(false);
    const shown = useMemo(() => people.filter((one) => matches(one, text, team)), [people, text, team]);
    const show = (slug: string): void =>
        router.visit(slug === '' ? '/people' : `/people?person=${slug}`, {
            only: ['person'],
            preserveState: true,
            preserveScroll: true,
        });
    const pick = (slugs: string[], on: boolean): void =>
        setPicked((now) => new Set([...now].filter((one) => !slugs.includes(one)).concat(on ? slugs : [])));
    return (
        <div
            className={`grid h-full ${person === null ? 'grid-cols-1' : 'grid-cols-[minmax(0,1fr)_minmax(420px,560px)]'}`}
        >
            <Head title={say('people.title')} />
            <div className="overflow-auto">
                <header className="flex flex-wrap items-center gap-3 px-4 py-3">
                    <h1 className="text-xl font-semibold">{say('people.title')}</h1>
                    <input
                        className="entry w-52"
                        type="search"
                        aria-label={say('people.find')}
                        placeholder={say('people.find')}
                        value={text}
                        onChange={(event) => setText(event.target.value)}
                    />
                    <select
                        className="entry"
                        aria-label={say('people.team')}
                        value={team}
                        onChange={(event) => setTeam(event.target.value)}
                    >
                        <option value="">{say('people.all_teams')}</option>
                        {teams.map((one) => (
                            <option key={one.value}>{one.label}</option>
                        ))}
                    </select>
                    {picked.size > 0 && (
                        <Button onClick={() => setChanging(true)}>
                            {say('people.change_picked', { count: picked.size })}
                        </Button>
                    )}
                    <Link href="/places" className="ml-auto font-medium text-sky hover:underline">
                        {say('places.title')}
                    </Link>
                    <Button look="main" onClick={() => show('new')}>
                        {say('people.new')}
                    </Button>
                </header>
                <div role="table" aria-label={say('people.title')} className="border-b border-line bg-paper">
                    <div role="row" className={`${COLUMNS} px-3 py-1 text-xs text-ink2`}>
                        <span role="columnheader">
                            <input
                                type="checkbox"
                                aria-label={say('people.pick_all')}
                                checked={shown.length > 0 && shown.every((one) => picked.has(one.slug))}
                                onChange={(event) =>
                                    pick(
                                        shown.map((one) => one.slug),
                                        event.target.checked,
                                    )
                                }
                            />
                        </span>
                        {['name', 'teams', 'skills', 'now'].map((one) => (
                            <span key={one} role="columnheader">
                                {say(`people.${one}`)}
                            </span>
                        ))}
                    </div>
                    {shown.map((one) => (
                        <Row
                            key={one.slug}
                            person={one}
                            chosen={one.slug === person?.slug}
                            picked={picked.has(one.slug)}
                            onPick={(on) => pick([one.slug], on)}
                            onChoose={() => show(one.slug)}
                        />
                    ))}
                    {shown.length === 0 && (
                        <p className="border-t border-line px-3 py-3 text-ink2">{say('people.nobody')}</p>
                    )}
                </div>
                <HouseParts teams={teams} skills={skills} people={people} house={house} zones={zones} />
                <RosterFile />
            </div>
            {person !== null && (
                <aside
                    aria-label={person.document.name ?? say('people.new')}
                    className="overflow-auto border-l border-line bg-paper"
                >
                    <h2 className="px-4 pt-4 text-lg">{person.document.name ?? say('people.new')}</h2>
                    <PersonForm
                        key={person.slug ?? ''}
                        person={person}
                        teams={teams}
                        skills={skills}
                        zones={zones}
                        houseZone={houseZone}
                        house={house}
                        places={places}
                        fields={fields}
                        people={people}
                        onClose={() => show('')}
                    />
                </aside>
            )}
            {changing && (
                <ChangeDialog
                    people={people.filter((one) => picked.has(one.slug))}
                    teams={teams}
                    skills={skills}
                    zones={zones}
                    places={places}
                    onClose={() => setChanging(false)}
                />
            )}
        </div>
    );
}
