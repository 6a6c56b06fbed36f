import type { RuleDifferences } from '@props/Rules/RuleDifferences';
import type { Rule } from '@props/Rules/RulebookPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { say } from '@/lib/words';
import { RuleSentence } from './RuleSentence';

const ORDER = ['added', 'changed', 'moved', 'gone'] as const;

function Paused({ rule }: { rule: Rule }) {
    return rule.active === false ? <span className="text-ochre"> {say('screen.common.paused')}</span> : null;
}

/** What is otherwise in one list of rules than in another, in sentences: as it was, and as it is then. */
export function Differences({ of, vocabulary }: { of: RuleDifferences; vocabulary: Vocabulary }) {
    const total = ORDER.reduce((sum, what) => sum + of.counts[what], 0);
    if (total === 0) return <p className="mt-3">{say('differences.none')}</p>;
    return (
        <>
            <p className="mt-3" role="status">
                {ORDER.filter((what) => of.counts[what] > 0)
                    .map((what) => say(`differences.count.${what}`, { count: of.counts[what] }))
                    .join(' · ')}
            </p>
            <ul className="mt-2 max-h-[46vh] overflow-auto" aria-label={say('differences.title')} tabIndex={0}>
                {of.lines.map(({ what, id, before, after }) => (
                    <li key={id} className="border-t border-line py-1.5">
                        <strong>{(after ?? before)?.name}</strong>{' '}
                        <span className={what === 'gone' ? 'text-brick' : 'text-ochre'}>
                            {say(`differences.what.${what}`)}
                        </span>
                        {before !== null && what !== 'moved' && (
                            <p className={what === 'gone' ? 'line-through' : ''}>
                                {what === 'changed' && <span className="text-xs">{say('differences.before')} </span>}
                                <RuleSentence rule={before} vocabulary={vocabulary} />
                                <Paused rule={before} />
                            </p>
                        )}
                        {after !== null && (
                            <p>
                                {what === 'changed' && <span className="text-xs">{say('differences.after')} </span>}
                                <RuleSentence rule={after} vocabulary={vocabulary} />
                                <Paused rule={after} />
                            </p>
                        )}
                    </li>
                ))}
            </ul>
            {total > of.lines.length && (
                <p className="text-ink2">{say('table.more', { count: total - of.lines.length })}</p>
            )}
        </>
    );
}
