import type { Fault } from '@props/Rules/RulebookPage';
import { faultsByRule } from '@/lib/rules';
import { hasWords, say } from '@/lib/words';
import { Button } from '@/ui/Button';

/** how many rules are named */
export const SHOWN = 6;

function wordOf({ member }: Fault): string {
    if (hasWords(`rule.member.${member}`)) return say(`rule.member.${member}`);
    const label = `parameter.${member}.label`;
    return hasWords(label) ? say(label).toLocaleLowerCase() : say('rule.member.other');
}

/** What is wrong with a rule, then what is still to be chosen in it. */
function whatOf(faults: Fault[]): string {
    const words = [...new Set(faults.filter((one) => one.unfinished).map(wordOf))];
    return [
        ...faults.filter((one) => !one.unfinished).map((one) => one.reason),
        ...(words.length > 0 ? [say('screen.publish_dialog.blank', { words: words.join(', ') })] : []),
    ].join(' ');
}

type Props = { faults: Fault[]; nameOf: (index: number) => string; onGo: (index: number) => void };

/** The rules that stand against publishing, each with the words that are to be chosen, and a press that goes there. */
export function Unfinished({ faults, nameOf, onGo }: Props) {
    const rules = [...faultsByRule(faults)];
    if (rules.length === 0) return null;
    return (
        <div role="alert">
            <p className="text-brick">{say('screen.publish_dialog.faults', { count: rules.length })}</p>
            <ul>
                {rules.slice(0, SHOWN).map(([index, own]) => (
                    <li key={index}>
                        <Button look="quiet" className="text-start" onClick={() => onGo(index)}>
                            {say('screen.publish_dialog.place', { place: index + 1, name: nameOf(index) })}
                        </Button>
                        <span className="block ps-3.5 text-ochre">{whatOf(own)}</span>
                    </li>
                ))}
            </ul>
            {rules.length > SHOWN && (
                <p className="text-ink2">{say('screen.publish_dialog.more', { count: rules.length - SHOWN })}</p>
            )}
        </div>
    );
}
