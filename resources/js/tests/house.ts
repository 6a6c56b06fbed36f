import type { Rule } from '@props/Rules/RulebookPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import kinds from './kinds.json';

/** The house of the server's tests (tests/Support/House.php), with the kinds that the core declares (generated). */
export const house = {
    ...kinds,
    momentFields: [
        { path: 'moment.time', label: 'Time of day', type: 'time', options: [] },
        {
            path: 'moment.weekday',
            label: 'Day of the week',
            type: 'one_of',
            options: [{ value: 'friday', label: 'Friday' }],
        },
    ],
    personFields: [{ path: 'person.van', label: 'Drives the van', type: 'yes_no', options: [] }],
    fields: [
        {
            path: 'task.kind',
            label: 'Kind of task',
            type: 'one_of',
            options: [
                { value: 'bench-repair', label: 'Bench repair' },
                { value: 'quote', label: 'Quote' },
            ],
        },
        { path: 'task.title', label: 'Title', type: 'text', options: [] },
        { path: 'task.value', label: 'Value', type: 'money', options: [] },
        { path: 'task.estimate', label: 'Estimate', type: 'duration', options: [] },
        { path: 'task.rush', label: 'Rush', type: 'yes_no', options: [] },
        { path: 'task.needed', label: 'Needed on', type: 'date', options: [] },
        { path: 'task.due', label: 'Due date', type: 'date', options: [] },
        { path: 'task.returned', label: 'Returned on', type: 'date', options: [] },
        { path: 'task.tags', label: 'Tags', type: 'tags', options: [] },
        { path: 'task.repaired_by', label: 'Repaired by', type: 'person', options: [] },
    ],
    checklists: [{ value: 'brass-check', label: 'Check of a brass instrument' }],
    runsheets: [{ value: 'large-repair', label: 'Large repair' }],
    teams: [{ value: 'brass-bench', label: 'Brass bench' }],
    skills: [{ value: 'brass', label: 'Brass' }],
    people: [
        { value: 'hanneke', label: 'Hanneke de Wit' },
        { value: 'ayumi', label: 'Ayumi Kato' },
        { value: 'callum', label: 'Callum Rees' },
        { value: 'tobias', label: 'Tobias Lindqvist' },
    ],
    currency: 'ALQ',
} as unknown as Vocabulary;

export function rule(parts: Partial<Rule>): Rule {
    return { id: 'r', name: 'R', when: [{ kind: 'task_arrives' }], ...parts };
}

export function text(pieces: { text: string }[]): string {
    return pieces.map((piece) => piece.text).join('');
}
