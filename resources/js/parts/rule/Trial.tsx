import { Link } from '@inertiajs/react';
import type { Rule } from '@props/Rules/RulebookPage';
import type { RuleTrial } from '@props/Rules/RuleTrial';
import { groupOf } from '@/lib/criteria';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';

/** For how many recent tasks comparisons hold, by where the editor has them: it makes a group of a single one. */
export function countsOf(rule: Rule, trial: RuleTrial | null): Record<string, number> {
    const counts = trial?.counts ?? {};
    const single = rule.if !== undefined && groupOf(rule.if) === null ? counts['/if'] : undefined;
    return single === undefined ? counts : { '/if/all/0': single };
}

/** For how many recent tasks all of it holds. */
export function Held({ trial }: { trial: RuleTrial }) {
    const of = trial.looked < trial.most ? 'screen.trial.held' : 'screen.trial.held_of_latest';
    return trial.held === null ? null : (
        <p className="ps-9 text-xs text-ink2 tabular-nums">{say(of, { count: trial.held, looked: trial.looked })}</p>
    );
}

/** The latest that the rule would catch, and whom it would give them to today. */
export function Caught({ trial, rule }: { trial: RuleTrial; rule: string }) {
    return (
        <table className="w-full text-xs">
            <caption className="sr-only">{say('screen.trial.caught')}</caption>
            <tbody>
                {trial.tasks.map((task) => (
                    <tr key={task.id} className="border-t border-line align-top first:border-0">
                        <td className="py-1 pe-3">
                            <Link
                                className="inline-block min-h-6 text-sky underline"
                                href={`/rulebook/why?${new URLSearchParams({ task: task.id, rule }).toString()}`}
                            >
                                <span className="font-mono">{task.number}</span> {task.title}
                            </Link>
                            {task.before !== null && (
                                <span className="block text-ochre">
                                    {say('screen.trial.taken_before', { rule: task.before })}
                                </span>
                            )}
                        </td>
                        <td className="w-44 py-1" title={task.summary}>
                            {task.pick === null ? (
                                <span className="text-ink2">{say('screen.trial.nobody')}</span>
                            ) : (
                                <>
                                    <PersonName {...task.pick} />
                                    {task.others > 0 && (
                                        <span className="ms-1 text-ink2">
                                            {say('task.more', { count: task.others })}
                                        </span>
                                    )}
                                </>
                            )}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
