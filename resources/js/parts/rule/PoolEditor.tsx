import type { Pool } from '@props/RulebookPage';
import type { Vocabulary } from '@props/Vocabulary';
import { Button } from '@/ui/Button';
import { WordChoice, WordChoices } from './Word';

const KINDS = [
    { value: 'team', label: 'a team:' },
    { value: 'people', label: 'named people:' },
    { value: 'skill', label: 'everyone with the skill' },
    { value: 'field', label: 'the person in' },
    { value: 'union', label: 'any of:' },
    { value: 'except', label: 'a pool, leaving some out:' },
];

const LEVELS = [1, 2, 3].map((level) => ({ value: String(level), label: String(level) }));

const DEEPEST = 2;

export function firstPool(kind: string, vocabulary: Vocabulary, before?: Pool): Pool {
    const team: Pool = { kind: 'team', team: vocabulary.teams[0]?.value ?? '', with_sub_teams: false, with_lead: true };
    switch (kind) {
        case 'people':
            return { kind, people: [] };
        case 'skill':
            return { kind, skill: vocabulary.skills[0]?.value ?? '', level: 1 };
        case 'field':
            return { kind, field: personFields(vocabulary)[0]?.value ?? '' };
        case 'union':
            return { kind, pools: [before ?? team] };
        case 'except':
            return { kind, pool: before ?? team, without: { kind: 'people', people: [] } };
        default:
            return team;
    }
}

function personFields(vocabulary: Vocabulary): { value: string; label: string }[] {
    return vocabulary.fields.filter((field) => field.type === 'person').map((field) => ({ value: field.path, label: field.label }));
}

type Props = { pool: Pool; vocabulary: Vocabulary; onChange: (pool: Pool) => void; depth?: number };

export function PoolEditor({ pool, vocabulary, onChange, depth = 0 }: Props) {
    const kinds = depth < DEEPEST ? KINDS : KINDS.slice(0, 4);
    return (
        <>
            <WordChoice label="Kind of pool" value={pool.kind} options={kinds} onChange={(kind) => onChange(firstPool(kind, vocabulary, pool))} /> <Rest pool={pool} vocabulary={vocabulary} onChange={onChange} depth={depth} />
        </>
    );
}

function Rest({ pool, vocabulary, onChange, depth }: Required<Props>) {
    switch (pool.kind) {
        case 'team':
            return (
                <>
                    <WordChoice label="Team" value={pool.team} options={vocabulary.teams} onChange={(team) => onChange({ ...pool, team })} />{' '}
                    <WordChoice
                        label="Sub-teams"
                        value={pool.with_sub_teams === true ? 'with' : 'without'}
                        options={[
                            { value: 'without', label: 'alone' },
                            { value: 'with', label: 'and its sub-teams' },
                        ]}
                        onChange={(next) => onChange({ ...pool, with_sub_teams: next === 'with' })}
                    />
                    ,{' '}
                    <WordChoice
                        label="The team's lead"
                        value={pool.with_lead === false ? 'without' : 'with'}
                        options={[
                            { value: 'with', label: 'its lead too' },
                            { value: 'without', label: 'not its lead' },
                        ]}
                        onChange={(next) => onChange({ ...pool, with_lead: next === 'with' })}
                    />
                </>
            );
        case 'people':
            return <WordChoices label="People" values={pool.people} options={vocabulary.people} onChange={(people) => onChange({ ...pool, people })} />;
        case 'skill':
            return (
                <>
                    <WordChoice label="Skill" value={pool.skill} options={vocabulary.skills} onChange={(skill) => onChange({ ...pool, skill })} /> at level{' '}
                    <WordChoice label="Level" value={String(pool.level ?? 1)} options={LEVELS} onChange={(level) => onChange({ ...pool, level: Number(level) })} /> or above
                </>
            );
        case 'field':
            return <WordChoice label="Field that names the person" value={pool.field} options={personFields(vocabulary)} onChange={(field) => onChange({ ...pool, field })} />;
        case 'union':
            return (
                <span className="block border-l-2 border-line pl-3">
                    {pool.pools.map((part, index) => (
                        <span key={index} className="block">
                            {index > 0 && 'or '}
                            <PoolEditor pool={part} vocabulary={vocabulary} depth={depth + 1} onChange={(next) => onChange({ ...pool, pools: pool.pools.map((one, at) => (at === index ? next : one)) })} />
                            {pool.pools.length > 1 && (
                                <Button look="quiet" className="min-h-6 text-ink2" onClick={() => onChange({ ...pool, pools: pool.pools.filter((_, at) => at !== index) })}>
                                    take out
                                </Button>
                            )}
                        </span>
                    ))}
                    <Button look="quiet" onClick={() => onChange({ ...pool, pools: [...pool.pools, firstPool('people', vocabulary)] })}>
                        or …
                    </Button>
                </span>
            );
        case 'except':
            return (
                <span className="block border-l-2 border-line pl-3">
                    <span className="block">
                        <PoolEditor pool={pool.pool} vocabulary={vocabulary} depth={depth + 1} onChange={(next) => onChange({ ...pool, pool: next })} />
                    </span>
                    but not <PoolEditor pool={pool.without} vocabulary={vocabulary} depth={depth + 1} onChange={(without) => onChange({ ...pool, without })} />
                </span>
            );
    }
}
