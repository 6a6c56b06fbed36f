import type { Coverage } from '@props/Rules/RulebookPage';
import { say, sayWith } from '@/lib/words';

/** What of the recent work would go by another rule than it does now, as far as it is worked out. */
export function Changes({ coverage, days }: { coverage: Coverage | null; days: number }) {
    if (coverage === null || coverage.changes === null)
        return <p className="text-ink2">{say('screen.changes.it_is_worked_out')}</p>;
    const { changes, strip } = coverage;
    return (
        <>
            <Progress coverage={coverage} />
            {changes.count === 0 ? (
                <p>{say('screen.changes.none', { all: String(coverage.finished), total: strip.total, days })}</p>
            ) : (
                <Moves changes={changes} total={strip.total} days={days} />
            )}
        </>
    );
}

/** How far the background has come, while it is at it. */
export function Progress({ coverage }: { coverage: Coverage }) {
    if (coverage.finished) return null;
    return (
        <p role="status" className="text-xs text-ink2">
            <progress
                className="me-2 h-2 w-24 align-middle"
                value={coverage.done}
                max={Math.max(coverage.total, 1)}
                aria-label={say('screen.changes.recent_work_looked_at')}
            />
            {say('screen.changes.progress', { done: coverage.done, total: coverage.total })}
        </p>
    );
}

function Moves({ changes, total, days }: { changes: NonNullable<Coverage['changes']>; total: number; days: number }) {
    return (
        <div className="space-y-3">
            <p>
                {sayWith('screen.changes.moved', { total, days, count: <strong key="count">{changes.count}</strong> })}
            </p>
            <table className="w-full text-start">
                <thead className="text-xs text-ink2">
                    <tr>
                        <th className="py-1 pe-3 text-end font-normal">{say('screen.changes.tasks')}</th>
                        <th className="py-1 pe-3 font-normal">{say('screen.changes.now_by')}</th>
                        <th className="py-1 font-normal">{say('screen.changes.then_by')}</th>
                    </tr>
                </thead>
                <tbody>
                    {changes.moves.map((move) => (
                        <tr key={`${move.from} ${move.to}`} className="border-t border-line align-top">
                            <td className="py-1 pe-3 text-end font-semibold">{move.count}</td>
                            <td className="py-1 pe-3">{move.from ?? say('screen.changes.no_rule')}</td>
                            <td className="py-1">
                                {move.to ?? (
                                    <span className="text-brick">{say('screen.changes.no_rule_unplaced')}</span>
                                )}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <details>
                <summary className="cursor-pointer text-sky">{say('screen.changes.the_latest_of_them')}</summary>
                <ul>
                    {changes.examples.map((example) => (
                        <li key={example.taskId} className="border-t border-line py-1">
                            <a href={`/tasks/${example.taskId}`} className="text-sky underline">
                                № {example.number}
                            </a>{' '}
                            {example.title}
                        </li>
                    ))}
                </ul>
            </details>
        </div>
    );
}
