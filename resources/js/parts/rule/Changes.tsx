import type { DraftCheck } from '@props/RulebookPage';

/** What of the recent work would go by another rule than it does now. */
export function Changes({ check, days }: { check: DraftCheck; days: number }) {
    const { changes, strip } = check;
    if (changes.count === 0) {
        return <p>Of the {strip.total} tasks of the last {days} days, every one would go by the same rule as now. Limits, methods and follow-ups may still differ.</p>;
    }
    return (
        <div className="space-y-3">
            <p>
                Of the {strip.total} tasks of the last {days} days, <strong>{changes.count}</strong> would go by another rule. Whom it would find depends on the day.
            </p>
            <table className="w-full text-left">
                <thead className="text-xs text-ink2">
                    <tr>
                        <th className="py-1 pr-3 text-right font-normal">Tasks</th>
                        <th className="py-1 pr-3 font-normal">now by</th>
                        <th className="py-1 font-normal">then by</th>
                    </tr>
                </thead>
                <tbody>
                    {changes.moves.map((move) => (
                        <tr key={`${move.from} ${move.to}`} className="border-t border-line align-top">
                            <td className="py-1 pr-3 text-right font-semibold">{move.count}</td>
                            <td className="py-1 pr-3">{move.from ?? 'no rule'}</td>
                            <td className="py-1">{move.to ?? <span className="text-brick">no rule: unplaced</span>}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <details>
                <summary className="cursor-pointer text-sky">The latest of them</summary>
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
