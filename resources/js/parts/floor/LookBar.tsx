import { Link } from '@inertiajs/react';
import type { FloorChoices, FloorView } from '@props/Floor/FloorPage';
import type { LevelOptions } from '@props/Levelling/LevellingsPage';
import type { PersonRef } from '@props/PersonRef';
import { useState } from 'react';
import { say } from '@/lib/words';
import { StartLevelling } from '@/parts/levelling/StartLevelling';
import { Button } from '@/ui/Button';
import { Pick } from '@/ui/Pick';

type Props = {
    view: FloorView;
    choices: FloorChoices;
    levelling: LevelOptions;
    onLook: (view: FloorView) => void;
};

/** Everybody, or those of one team, skill or place. */
function whose(view: FloorView, choices: FloorChoices): { value: string; options: { value: string; label: string }[] } {
    const of = (what: 'team' | 'skill' | 'place', from: PersonRef[]): { value: string; label: string }[] =>
        from.map((one) => ({ value: `${what}:${one.slug}`, label: say(`floor.of_${what}`, { name: one.name }) }));
    const chosen = (['team', 'skill', 'place'] as const).find((what) => view[what] !== null);
    return {
        value: chosen === undefined ? '' : `${chosen}:${view[chosen] ?? ''}`,
        options: [
            { value: '', label: say('floor.everybody') },
            ...of('team', choices.teams),
            ...of('skill', choices.skills),
            ...of('place', choices.places),
        ],
    };
}

/** How far ahead, whose lanes, in which groups and order. */
export function LookBar({ view, choices, levelling, onLook }: Props) {
    const [starting, setStarting] = useState(false);
    const people = whose(view, choices);
    return (
        <div className="flex items-center gap-4 border-b border-line bg-paper px-3 py-1.5">
            <Pick
                className="max-w-36"
                label={say('floor.ahead')}
                value={String(view.weeks) as '0' | '1' | '2' | '4'}
                options={(['0', '1', '2', '4'] as const).map((weeks) => ({
                    value: weeks,
                    label: say('floor.weeks', { weeks: Number(weeks) }),
                }))}
                onChange={(weeks) => onLook({ ...view, weeks: Number(weeks) as FloorView['weeks'] })}
            />
            <Pick
                className="max-w-36"
                label={say('floor.whose')}
                value={people.value}
                options={people.options}
                onChange={(value) => {
                    const [what, slug] = [value.slice(0, value.indexOf(':')), value.slice(value.indexOf(':') + 1)];
                    const none = { team: null, skill: null, place: null };
                    onLook({ ...view, ...none, ...(value === '' ? {} : { [what]: slug }) });
                }}
            />
            <Pick
                className="max-w-36"
                label={say('floor.group')}
                value={view.group}
                options={(['team', 'skill', 'place', 'none'] as const).map((group) => ({
                    value: group,
                    label: say(`floor.groups.${group}`),
                }))}
                onChange={(group) => onLook({ ...view, group })}
            />
            <Pick
                className="max-w-36"
                label={say('floor.sort')}
                value={view.sort}
                options={(['usual', 'load', 'room', 'over', 'late'] as const).map((sort) => ({
                    value: sort,
                    label: say(`floor.sorts.${sort}`),
                }))}
                onChange={(sort) => onLook({ ...view, sort })}
            />
            {view.only !== null && (
                <Button look="quiet" onClick={() => onLook({ ...view, only: null })}>
                    {say('floor.show_all')}
                </Button>
            )}
            <Link href="/calendar?all=1" className="ms-auto text-sky underline">
                {say('work_calendar.title')}
            </Link>
            <Link href="/figures" className="text-sky underline">
                {say('insight.title')}
            </Link>
            <Link href="/map" className="text-sky underline">
                {say('map.short')}
            </Link>
            <Link href="/foresight" className="text-sky underline">
                {say('foresight.title')}
            </Link>
            <Button onClick={() => setStarting(true)}>{say('level.press')}</Button>
            <StartLevelling
                key={view.team ?? ''}
                options={levelling}
                open={starting}
                onOpen={setStarting}
                teams={view.team === null ? [] : [view.team]}
            />
        </div>
    );
}
