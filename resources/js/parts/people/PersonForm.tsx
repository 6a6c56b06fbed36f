import { useSending } from '@/lib/useSending';
import { Link, router } from '@inertiajs/react';
import type { PeoplePageProps, PersonDocument, TeamMembership } from '@props/People/PeoplePage';
import { useState } from 'react';
import { ask, pointerTo } from '@/lib/ask';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';
import { CalendarHours } from './CalendarHours';
import { DatesEditor } from './DatesEditor';
import { HoursEditor } from './HoursEditor';
import { MoreOf } from './MoreOf';
import { Teams } from './PersonTeams';
import { Plain, Capacity, Skills } from './PersonPlain';

export type Props = Pick<
    PeoplePageProps,
    'teams' | 'skills' | 'zones' | 'houseZone' | 'house' | 'fields' | 'people'
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

/** Members of the document that say themselves what is wrong with them. */
const SHOWN = [
    'name',
    'zone',
    'email',
    'phone',
    'from',
    'until',
    'capacity',
    'open_tasks_at_most',
    'hours',
    'exceptions',
    'holidays',
    'calendar',
    'attributes',
    'place',
    'fields',
];

/** Saves a person, and says where something is not right. */
function useSaving(
    slug: string | null,
    document: PersonDocument,
    chosen: Record<string, TeamMembership>,
): { wrong: Record<string, string>; said: string; save: () => void } {
    const { wrong, send } = useSending((fault) =>
        pointerTo(fault)
            .replace(/^\/people\/\d+/, '')
            .replace(/^\/document/, ''),
    );
    const [saved, setSaved] = useState(false);
    const save = (): void => {
        setSaved(false);
        void send(async () => {
            const person = await ask<{ slug: string }>(
                slug === null ? 'POST' : 'PUT',
                slug === null ? '/people' : `/people/${slug}`,
                JSON.stringify({ document: filled(document), teams: chosen }),
            );
            setSaved(slug !== null);
            router.visit(`/people?person=${person.slug}`, { preserveState: slug !== null, preserveScroll: true });
        });
    };
    const { '': refused, ...places } = wrong;
    const said = saved
        ? say('people.saved')
        : Object.keys(places).length > 0
          ? say('people.not_saved')
          : (refused ?? '');
    return { wrong: places, said, save };
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
export function PersonForm({ person, teams, skills, zones, houseZone, house, fields, people, onClose }: Props) {
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
                save();
            }}
        >
            <Plain {...part} zones={zones} houseZone={houseZone} />
            <Teams teams={teams} chosen={chosen} onChange={setChosen} />
            <Skills {...part} skills={skills} />
            <MoreOf {...part} place={person.place} fields={fields} people={people} />
            <Capacity {...part} />
            <HoursEditor document={document} wrong={wrong} onChange={set} />
            <HolidaysOf {...part} house={house} />
            <DatesEditor document={document} wrong={wrong} onChange={set} />
            <CalendarHours document={document} onChange={set} />
            {Object.entries(wrong)
                .filter(([at]) => !SHOWN.some((one) => at.startsWith(`/${one}`)))
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
                    <Link href={`/people/${person.slug}/leaving`} className="ms-auto text-brick underline">
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
