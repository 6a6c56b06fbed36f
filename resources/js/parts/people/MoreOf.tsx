import type { PeoplePageProps } from '@props/People/PeoplePage';
import { useState } from 'react';
import { listed } from '@/lib/text';
import { say } from '@/lib/words';
import { FieldEntry } from '@/parts/FieldEntry';
import { PlaceFinder } from '@/parts/Finder';
import { Labelled } from '@/ui/Labelled';
import type { Part } from './PersonForm';

/** What else is to be known of somebody, and where they work. */
export function MoreOf({
    document,
    wrong,
    set,
    place,
    fields,
    people,
}: Part & Pick<PeoplePageProps, 'fields' | 'people'> & { place: string | null }) {
    const [text, setText] = useState((document.attributes ?? []).join('; '));
    const problem = Object.entries(wrong).find(([at]) => at.startsWith('/attributes'))?.[1];
    return (
        <div className="grid gap-3 sm:grid-cols-2">
            <Labelled label={say('people.attributes')} hint={say('people.attributes_hint')} wrong={problem}>
                <input
                    className="entry"
                    value={text}
                    onChange={(event) => {
                        setText(event.target.value);
                        set({ attributes: listed(event.target.value) });
                    }}
                />
            </Labelled>
            <Labelled label={say('people.place')} hint={say('people.place_hint')} wrong={wrong['/place']}>
                <PlaceFinder
                    value={document.place ?? ''}
                    label={place ?? ''}
                    onChange={(slug) => set({ place: slug })}
                />
            </Labelled>
            {fields.map((field) => (
                <FieldEntry
                    key={field.path}
                    field={field}
                    people={people.map((one) => ({ value: one.slug, label: one.name }))}
                    value={document.fields?.[field.path] ?? null}
                    wrong={wrong[`/fields/${field.path}`]}
                    onChange={(value) => set({ fields: { ...document.fields, [field.path]: value } })}
                />
            ))}
        </div>
    );
}
