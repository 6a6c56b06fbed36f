import type { Bounds, Option, Vocabulary } from '@props/Rules/Vocabulary';
import { say } from './words';

/** A type of parameters: its control and what that needs to know. */
export type Type = { control: string; bounds: Bounds };
const LONGEST_CHOICE = 12;

/** The options of a control that chooses one of something; null: it does not. */
export function optionsOf(type: Type, name: string, vocabulary: Vocabulary): Option[] | null {
    switch (type.control) {
        case 'person':
            return vocabulary.people;
        case 'team':
            return vocabulary.teams;
        case 'skill':
            return vocabulary.skills;
        case 'checklist':
            return vocabulary.checklists;
        case 'task_kind':
            return vocabulary.fields.find((field) => field.path === 'task.kind')?.options ?? [];
        case 'settable_field':
            return vocabulary.fields
                .filter((field) => field.settable)
                .map((field) => ({ value: field.path, label: field.label }));
        case 'field':
            return vocabulary.fields
                .filter((field) => field.type === type.bounds.of)
                .map((field) => ({ value: field.path, label: field.label }));
        case 'choice':
            return (type.bounds.values ?? []).map((value) => ({
                value: String(value),
                label: say(`parameter.${name}.${value}`),
            }));
        case 'yes_no':
            return ['true', 'false'].map((value) => ({ value, label: say(`parameter.${name}.${value}`) }));
        case 'whole_number': {
            const { least = 0, most = 0 } = type.bounds;
            return most - least < LONGEST_CHOICE
                ? Array.from({ length: most - least + 1 }, (_, at) => ({
                      value: String(least + at),
                      label: String(least + at),
                  }))
                : null;
        }
        default:
            return null;
    }
}

/** What an option stands for, by the control that offered it. */
export function chosen(control: string, value: string): unknown {
    if (control === 'yes_no') return value === 'true';
    return control === 'whole_number' ? Number(value) : value;
}
