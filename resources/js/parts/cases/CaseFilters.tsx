import type { CaseListQuery, CasesPageProps } from '@props/Cases/CasesPage';
import { useState } from 'react';
import { say } from '@/lib/words';

function Narrow({
    label,
    name,
    filter,
    options,
    onChange,
}: {
    label: string;
    name: keyof CaseListQuery;
    filter: CaseListQuery;
    options: { value: string; label: string }[];
    onChange: (changes: CaseListQuery) => void;
}) {
    return (
        <select
            className="entry"
            aria-label={label}
            value={filter[name] ?? options[0]?.value ?? ''}
            onChange={(event) => onChange({ [name]: event.target.value })}
        >
            {options.map((one) => (
                <option key={one.value} value={one.value}>
                    {one.label}
                </option>
            ))}
        </select>
    );
}

/** What the list is narrowed by. */
export function CaseFilters({
    filter,
    tracks,
    people,
    onChange,
}: Pick<CasesPageProps, 'filter' | 'tracks' | 'people'> & { onChange: (changes: CaseListQuery) => void }) {
    const [text, setText] = useState(filter.q ?? '');
    const stages = tracks.find(({ value }) => value === filter.track)?.stages ?? [];
    const shared = { filter, onChange };
    return (
        <form
            className="flex flex-wrap items-center gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                onChange({ q: text });
            }}
        >
            <input
                type="search"
                className="entry min-w-40 flex-1"
                aria-label={say('case.search')}
                placeholder={say('case.search')}
                value={text}
                onChange={(event) => setText(event.target.value)}
                onBlur={() => text !== (filter.q ?? '') && onChange({ q: text })}
            />
            <Narrow
                label={say('case.state')}
                name="state"
                options={['open', 'closed', 'all'].map((one) => ({ value: one, label: say(`case.states.${one}`) }))}
                {...shared}
            />
            <Narrow
                label={say('case.track')}
                name="track"
                options={[{ value: '', label: say('case.any_track') }, ...tracks]}
                filter={filter}
                onChange={(changes) => onChange({ ...changes, stage: '' })}
            />
            {stages.length > 0 && (
                <Narrow
                    label={say('case.stage_entry')}
                    name="stage"
                    options={[{ value: '', label: say('case.any_stage') }, ...stages]}
                    {...shared}
                />
            )}
            <Narrow
                label={say('case.owner')}
                name="owner"
                options={[
                    { value: '', label: say('case.any_owner') },
                    { value: 'nobody', label: say('case.nobody') },
                    ...people,
                ]}
                {...shared}
            />
            <Narrow
                label={say('case.waits')}
                name="waits"
                options={[
                    { value: '', label: say('case.any_waits') },
                    ...['late', 'refused'].map((one) => ({ value: one, label: say(`case.waits_for.${one}`) })),
                ]}
                {...shared}
            />
        </form>
    );
}
