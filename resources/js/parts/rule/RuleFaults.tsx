import type { Fault } from '@props/Rules/RulebookPage';
import { say } from '@/lib/words';

/** What stands against publishing the rule: first what is wrong, then how much is still to be chosen. */
export function RuleFaults({ faults }: { faults: Fault[] }) {
    const wrong = faults.filter((fault) => !fault.unfinished);
    const blanks = faults.length - wrong.length;
    if (faults.length === 0) return null;
    return (
        <div role="alert">
            <ul className="border-t border-line py-2 ps-18">
                {wrong.map((fault) => (
                    <li key={fault.pointer + fault.reason} className="text-brick">
                        {fault.reason}
                    </li>
                ))}
                {blanks > 0 && (
                    <li className="text-ochre">{say('screen.rule_editor.unfinished', { count: blanks })}</li>
                )}
            </ul>
        </div>
    );
}
