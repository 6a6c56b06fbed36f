import clsx from 'clsx';
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
import { Table } from '@/ui/Table';
import type { TableColumn } from '@/ui/useTableOf';

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

function columnsOf(onChoose: (slug: string) => void): TableColumn<PersonLine>[] {
    const teams = (person: PersonLine): string => person.teams.join(', ');
    const skills = (person: PersonLine): string => person.skills.map((one) => `${one.name} ${one.level}`).join(', ');
    const cut = 'max-w-0 truncate text-ink2';
    return [
        {
            id: 'name',
            label: say('people.name'),
            value: (person) => person.name,
            cell: (person) => (
                <button type="button" className="text-start hover:underline" onClick={() => onChoose(person.slug)}>
                    <PersonName slug={person.slug} name={person.name} />
                </button>
            ),
        },
        {
            id: 'teams',
            label: say('people.teams'),
            value: teams,
            cell: (person) => <span title={teams(person)}>{teams(person)}</span>,
            className: `w-1/4 ${cut}`,
        },
        {
            id: 'skills',
            label: say('people.skills'),
            value: skills,
            cell: (person) => <span title={skills(person)}>{skills(person)}</span>,
            className: `w-1/3 ${cut}`,
        },
        { id: 'now', label: say('people.now'), cell: (person) => <State person={person} /> },
    ];
}

type HeadingProps = Pick<PeoplePageProps, 'teams'> & {
    text: string;
    team: string;
    picked: number;
    onText: (text: string) => void;
    onTeam: (team: string) => void;
    onChange: () => void;
    onNew: () => void;
};

function Heading({ teams, text, team, picked, onText, onTeam, onChange, onNew }: HeadingProps) {
    return (
        <header className="flex flex-wrap items-center gap-3 px-4 py-3">
            <h1 className="text-xl font-semibold">{say('people.title')}</h1>
            <input
                className="entry w-52"
                type="search"
                aria-label={say('people.find')}
                placeholder={say('people.find')}
                value={text}
                onChange={(event) => onText(event.target.value)}
            />
            <select
                className="entry"
                aria-label={say('people.team')}
                value={team}
                onChange={(event) => onTeam(event.target.value)}
            >
                <option value="">{say('people.all_teams')}</option>
                {teams.map((one) => (
                    <option key={one.value}>{one.label}</option>
                ))}
            </select>
            {picked > 0 && <Button onClick={onChange}>{say('people.change_picked', { count: picked })}</Button>}
            <Link href="/places" className="ms-auto font-medium text-sky hover:underline">
                {say('places.title')}
            </Link>
            <Button look="main" onClick={onNew}>
                {say('people.new')}
            </Button>
        </header>
    );
}

const show = (slug: string): void =>
    router.visit(slug === '' ? '/people' : `/people?person=${slug}`, {
        only: ['person'],
        preserveState: true,
        preserveScroll: true,
    });

export default function People({
    people,
    teams,
    skills,
    zones,
    numbers,
    houseZone,
    house,
    fields,
    person,
}: PeoplePageProps) {
    const [text, setText] = useState('');
    const [team, setTeam] = useState('');
    const [picked, setPicked] = useState<string[]>([]);
    const [changing, setChanging] = useState(false);
    const columns = useMemo(() => columnsOf(show), []);
    const rows = useMemo(() => people.filter((one) => team === '' || one.teams.includes(team)), [people, team]);
    const picking = {
        picked,
        onPick: setPicked,
        all: say('people.pick_all'),
        one: (person: PersonLine) => say('people.pick', { person: person.name }),
    };
    return (
        <div
            className={clsx(
                'grid h-full',
                person === null ? 'grid-cols-1' : 'grid-cols-[minmax(0,1fr)_minmax(420px,560px)]',
            )}
        >
            <Head title={say('people.title')} />
            <div data-scrolls className="overflow-auto">
                <Heading
                    {...{ teams, text, team }}
                    picked={picked.length}
                    onText={setText}
                    onTeam={setTeam}
                    onChange={() => setChanging(true)}
                    onNew={() => show('new')}
                />
                <div className="border-y border-line bg-paper">
                    <Table
                        label={say('people.title')}
                        rows={rows}
                        columns={columns}
                        idOf={(one) => one.slug}
                        nothing={say('people.nobody')}
                        sought={text}
                        chosen={person?.slug ?? undefined}
                        picking={picking}
                    />
                </div>
                <HouseParts
                    teams={teams}
                    skills={skills}
                    people={people}
                    house={house}
                    zones={zones}
                    numbers={numbers}
                />
                <RosterFile />
            </div>
            {person !== null && (
                <aside
                    aria-label={person.document.name ?? say('people.new')}
                    className="overflow-auto border-s border-line bg-paper"
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
                        fields={fields}
                        people={people}
                        onClose={() => show('')}
                    />
                </aside>
            )}
            {changing && (
                <ChangeDialog
                    people={people.filter((one) => picked.includes(one.slug))}
                    teams={teams}
                    skills={skills}
                    zones={zones}
                    onClose={() => setChanging(false)}
                />
            )}
        </div>
    );
}
