import type { Give, Limit, Method, Otherwise } from '@props/RulebookPage';
import type { Vocabulary } from '@props/Vocabulary';
import { saidPool } from '@/lib/sentence';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';
import { firstPool, PoolEditor } from './PoolEditor';
import { WordChoice, WordNumber, WordText } from './Word';

const METHODS = [
    { value: 'round_robin', label: 'by round-robin' },
    { value: 'lightest_load', label: 'to the lightest load' },
    { value: 'in_order', label: 'to the first in order' },
    { value: 'same_person', label: 'to just that person' },
    { value: 'open', label: 'open for anyone of them to claim' },
];

const OTHERWISES = [
    { value: 'next_rule', label: 'ask the next rule' },
    { value: 'unplaced', label: 'wait as unplaced' },
    { value: 'person', label: 'give it to' },
    { value: 'open_to_team', label: 'open it to' },
];

const LEVELS = [1, 2, 3].map((level) => ({ value: String(level), label: String(level) }));

export function firstGive(vocabulary: Vocabulary): Give {
    const pool = firstPool('team', vocabulary);
    return { pool, method: { kind: 'round_robin', rotation: saidPool(pool, vocabulary) }, limits: [], otherwise: { kind: 'next_rule' } };
}

function MethodEditor({ give, vocabulary, onChange }: { give: Give; vocabulary: Vocabulary; onChange: (method: Method) => void }) {
    const method = give.method;
    return (
        <>
            <WordChoice
                label="Method"
                value={method.kind}
                options={METHODS}
                onChange={(kind) => onChange(kind === 'round_robin' ? { kind, rotation: saidPool(give.pool, vocabulary) } : ({ kind } as Method))}
            />
            {method.kind === 'round_robin' && (
                <>
                    {' '}
                    in the rotation <WordText label="Rotation" value={method.rotation} onChange={(rotation) => onChange({ kind: 'round_robin', rotation })} />
                </>
            )}
        </>
    );
}

function LimitEditor({ limit, vocabulary, onChange }: { limit: Limit; vocabulary: Vocabulary; onChange: (limit: Limit) => void }) {
    switch (limit.kind) {
        case 'skill_at_least':
            return (
                <>
                    with <WordChoice label="Skill" value={limit.skill} options={vocabulary.skills} onChange={(skill) => onChange({ ...limit, skill })} /> at level{' '}
                    <WordChoice label="Level" value={String(limit.level ?? 1)} options={LEVELS} onChange={(level) => onChange({ ...limit, level: Number(level) })} /> or above
                </>
            );
        case 'open_tasks_at_most':
            return (
                <>
                    at most <WordNumber label="Open tasks at most" value={limit.tasks} onChange={(tasks) => onChange({ ...limit, tasks })} /> open each
                </>
            );
        case 'load_ratio_at_most':
            return (
                <>
                    with a load of at most <WordNumber label="Load at most, in percent" value={limit.percent} onChange={(percent) => onChange({ ...limit, percent })} /> %
                </>
            );
    }
}

function OtherwiseEditor({ otherwise, vocabulary, onChange }: { otherwise: Otherwise; vocabulary: Vocabulary; onChange: (otherwise: Otherwise) => void }) {
    return (
        <>
            <WordChoice
                label="Otherwise"
                value={otherwise.kind}
                options={OTHERWISES}
                onChange={(kind) => {
                    if (kind === 'person') onChange({ kind, person: vocabulary.people[0]?.value ?? '' });
                    else if (kind === 'open_to_team') onChange({ kind, team: vocabulary.teams[0]?.value ?? '' });
                    else onChange({ kind: kind === 'unplaced' ? 'unplaced' : 'next_rule' });
                }}
            />
            {otherwise.kind === 'person' && <> <WordChoice label="Person" value={otherwise.person} options={vocabulary.people} onChange={(person) => onChange({ kind: 'person', person })} /></>}
            {otherwise.kind === 'open_to_team' && <> <WordChoice label="Team to open it to" value={otherwise.team} options={vocabulary.teams} onChange={(team) => onChange({ kind: 'open_to_team', team })} /></>}
        </>
    );
}

export function GiveEditor({ give, vocabulary, onChange }: { give: Give; vocabulary: Vocabulary; onChange: (give: Give) => void }) {
    const limits = give.limits ?? [];
    const add = (limit: Limit): void => onChange({ ...give, limits: [...limits, limit] });
    return (
        <>
            <div>
                <PoolEditor pool={give.pool} vocabulary={vocabulary} onChange={(pool) => onChange({ ...give, pool })} />
            </div>
            <div>
                <MethodEditor give={give} vocabulary={vocabulary} onChange={(method) => onChange({ ...give, method })} />
            </div>
            {limits.map((limit, index) => (
                <div key={index}>
                    <LimitEditor limit={limit} vocabulary={vocabulary} onChange={(next) => onChange({ ...give, limits: limits.map((one, at) => (at === index ? next : one)) })} />
                    <Button look="quiet" className="min-h-6 text-ink2" aria-label="take out this limit" onClick={() => onChange({ ...give, limits: limits.filter((_, at) => at !== index) })}>
                        take out
                    </Button>
                </div>
            ))}
            <Menu
                trigger={<Button look="quiet">Add a limit</Button>}
                items={[
                    { label: 'Open tasks at most', run: () => add({ kind: 'open_tasks_at_most', tasks: 6 }) },
                    { label: 'Skill at least', run: () => add({ kind: 'skill_at_least', skill: vocabulary.skills[0]?.value ?? '', level: 2 }) },
                    { label: 'Load at most', run: () => add({ kind: 'load_ratio_at_most', percent: 90 }) },
                ]}
            />
            <div>
                <span className="text-ink2">otherwise </span>
                <OtherwiseEditor otherwise={give.otherwise ?? { kind: 'next_rule' }} vocabulary={vocabulary} onChange={(otherwise) => onChange({ ...give, otherwise })} />
            </div>
        </>
    );
}
