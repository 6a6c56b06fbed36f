import type { CriteriaValue } from '@props/Rules/RulebookPage';
import type { FieldInfo, Vocabulary } from '@props/Rules/Vocabulary';
import { fieldOf, offered } from '@/lib/criteria';
import { offeredOptions } from '@/lib/options';
import type { FieldChange } from '@/lib/parameters';
import { say, sayWith } from '@/lib/words';
import { OneValue } from './OneValue';
import { WordChoice, WordChoices, WordList } from './Word';

const optionsOf = (fields: FieldInfo[]): { value: string; label: string }[] =>
    fields.map((field) => ({ value: field.path, label: field.label }));

const HOW = ['any', 'filled', 'emptied', 'values'].map((value) => ({ value, label: say(`field_change.how.${value}`) }));

/** Without what is undefined, which may not be there and empty. */
function cleaned<T extends object>(value: T): T {
    return Object.fromEntries(Object.entries(value).filter(([, one]) => one !== undefined)) as T;
}

/** A field, and which changes of it are meant. */
export function FieldChangeControl({
    value,
    vocabulary,
    onChange,
}: {
    value: FieldChange;
    vocabulary: Vocabulary;
    onChange: (value: FieldChange) => void;
}) {
    const field = fieldOf(vocabulary, value.field ?? '');
    const how = value.how ?? 'any';
    const list = field !== undefined && ['many_of', 'tags'].includes(field.type);
    return (
        <>
            <WordChoice
                label={say('screen.field_controls.field_that_changes')}
                value={value.field ?? ''}
                options={optionsOf(offered(vocabulary, value.field))}
                onChange={(next) => onChange({ field: next, how: how === 'values' ? 'any' : how })}
            />{' '}
            {field !== undefined && (
                <WordChoice
                    label={say('screen.field_controls.how_it_changes')}
                    value={how}
                    options={HOW.filter((one) => !list || one.value !== 'values')}
                    onChange={(next) => onChange({ field: field.path, how: next })}
                />
            )}
            {field !== undefined && how === 'values' && (
                <>
                    {' '}
                    {sayWith('screen.field_controls.from_to', {
                        from: (
                            <OneValue
                                key="from"
                                field={field}
                                value={value.from as string | undefined}
                                vocabulary={vocabulary}
                                label={say('screen.field_controls.from')}
                                onChange={(next) =>
                                    onChange(cleaned({ ...value, from: next === '' ? undefined : next }))
                                }
                            />
                        ),
                        to: (
                            <OneValue
                                key="to"
                                field={field}
                                value={value.to as string | undefined}
                                vocabulary={vocabulary}
                                label={say('screen.common.to')}
                                onChange={(next) => onChange(cleaned({ ...value, to: next === '' ? undefined : next }))}
                            />
                        ),
                    })}
                </>
            )}
        </>
    );
}

type Assigned = { field?: string; value?: CriteriaValue };

/** A field that can be set, with the value for it. */
export function AssignmentControl({
    value,
    ofPeople,
    vocabulary,
    onChange,
}: {
    value: Assigned;
    ofPeople: boolean;
    vocabulary: Vocabulary;
    onChange: (value: Assigned) => void;
}) {
    const field = fieldOf(vocabulary, value.field ?? '');
    const list = Array.isArray(value.value) ? value.value : [];
    const set = (next: CriteriaValue): void => onChange({ field: value.field ?? '', value: next });
    return (
        <>
            <WordChoice
                label={say(ofPeople ? 'field_change.field_of_people' : 'field_change.field_to_set')}
                value={value.field ?? ''}
                options={optionsOf(
                    ofPeople
                        ? vocabulary.personFields.filter((one) => !one.retired || one.path === value.field)
                        : offered(vocabulary, value.field).filter((one) => one.settable),
                )}
                onChange={(next) => onChange({ field: next })}
            />{' '}
            {say(ofPeople ? 'field_change.having' : 'field_change.to_value')}{' '}
            {field?.type === 'tags' && (
                <WordList label={say('screen.field_controls.value')} values={list} onChange={set} />
            )}
            {field?.type === 'many_of' && (
                <WordChoices
                    label={say('screen.field_controls.value')}
                    values={list.map(String)}
                    options={offeredOptions(field.options, list)}
                    onChange={set}
                />
            )}
            {field !== undefined && field.type !== 'tags' && field.type !== 'many_of' && (
                <OneValue
                    field={field}
                    value={value.value as string | number | boolean | undefined}
                    vocabulary={vocabulary}
                    label={say('screen.field_controls.value')}
                    onChange={set}
                />
            )}
        </>
    );
}
