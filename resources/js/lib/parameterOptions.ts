import type { Control } from '@props/Rules/Control';
import type { Bounds, FieldInfo, Option, Vocabulary } from '@props/Rules/Vocabulary';
import { fieldOf } from './criteria';
import type { Typed } from './parameters';
import { say } from './words';

const LONGEST_CHOICE = 12;

type Offer = (offered: { bounds: Bounds; name: string; vocabulary: Vocabulary }) => Option[] | null;

const fieldsWhere = (vocabulary: Vocabulary, fits: (field: FieldInfo) => boolean): Option[] =>
    vocabulary.fields.filter(fits).map((field) => ({
        value: field.path,
        label: field.label,
        ...(field.retired ? { retired: true as const } : {}),
    }));
const named = (values: (string | number)[], name: string): Option[] =>
    values.map((value) => ({ value: String(value), label: say(`parameter.${name}.${value}`) }));

const OPTIONS: Partial<Record<Control, Offer>> = {
    person: ({ vocabulary }) => vocabulary.people,
    team: ({ vocabulary }) => vocabulary.teams,
    skill: ({ vocabulary }) => vocabulary.skills,
    checklist: ({ vocabulary }) => vocabulary.checklists,
    runsheet: ({ vocabulary }) => vocabulary.runsheets,
    step: ({ vocabulary }) => vocabulary.steps ?? [],
    task_kind: ({ vocabulary }) => fieldOf(vocabulary, 'task.kind')?.options ?? [],
    option: ({ vocabulary, bounds }) => fieldOf(vocabulary, String(bounds.of))?.options ?? [],
    limit_kind: ({ vocabulary }) =>
        vocabulary.kinds.limit.map(({ kind }) => ({ value: kind, label: say(`limit.${kind}.name`) })),
    settable_field: ({ vocabulary }) => fieldsWhere(vocabulary, (field) => field.settable),
    field: ({ vocabulary, bounds }) =>
        fieldsWhere(vocabulary, (field) => bounds.of === undefined || field.type === bounds.of),
    choice: ({ bounds, name }) => named(bounds.values ?? [], name),
    yes_no: ({ name }) => named(['true', 'false'], name),
    whole_number: ({ bounds: { least = 0, most = 0 } }) =>
        most - least < LONGEST_CHOICE
            ? Array.from({ length: most - least + 1 }, (_, at) => String(least + at)).map((value) => ({
                  value,
                  label: value,
              }))
            : null,
};

/** The options of a control that chooses one of something; null: it does not. */
export function optionsOf(type: Typed, name: string, vocabulary: Vocabulary): Option[] | null {
    return OPTIONS[type.control]?.({ bounds: type.bounds, name, vocabulary }) ?? null;
}

/** What an option stands for, by the control that offered it. */
export function chosen(control: Control, value: string): unknown {
    if (control === 'yes_no') return value === 'true';
    return control === 'whole_number' ? Number(value) : value;
}
