import type { Finding } from '@props/Rules/FindingsView';
import type { Findings } from '@/lib/useFindings';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { LOOKS } from './FindingNotes';

const SHOWN = 12;

type Props = { findings: Findings; mayWrite: boolean; onGo: (id: string) => void };

function Line({ finding, onGo }: { finding: Finding } & Pick<Props, 'onGo'>) {
    const { rule } = finding;
    return (
        <li className="border-t border-line py-1 first:border-0">
            <strong className={LOOKS[finding.certainty]}>{say(`check.${finding.kind}.name`)}</strong>{' '}
            {rule === null ? (
                <span>
                    {finding.say} <span className="text-ink2">{finding.do}</span>
                </span>
            ) : (
                <button type="button" className="block text-start text-sky hover:underline" onClick={() => onGo(rule)}>
                    {finding.name}
                </button>
            )}
        </li>
    );
}

/** Everything that checks find, each with a press that goes there; and what somebody has set aside. */
export function FindingList({ findings, mayWrite, onGo }: Props) {
    const { all } = findings;
    if (findings.failed) return <p className="text-brick">{say('screen.findings.failed')}</p>;
    if (all === null) return <p className="text-ink2">{say('screen.findings.looking')}</p>;
    const told = all.filter((one) => one.aside === null);
    const aside = all.filter((one) => one.aside !== null);
    const more = findings.more + Math.max(0, told.length - SHOWN);
    return (
        <>
            {told.length === 0 ? (
                <p className="text-ink2">{say('screen.findings.none')}</p>
            ) : (
                <ul>
                    {told.slice(0, SHOWN).map((one) => (
                        <Line key={one.signature} finding={one} onGo={onGo} />
                    ))}
                </ul>
            )}
            {more > 0 && <p className="text-ink2">{say('screen.findings.more', { count: more })}</p>}
            {aside.length > 0 && (
                <details className="mt-2">
                    <summary>{say('screen.findings.aside', { count: aside.length })}</summary>
                    <ul>
                        {aside.map((one) => (
                            <li key={one.signature} className="border-t border-line py-1">
                                <span className="font-semibold">{say(`check.${one.kind}.name`)}</span> {one.name}
                                <span className="block text-ink2">
                                    {say('screen.findings.meant_by', {
                                        person: one.aside?.by ?? say('person.none'),
                                        reason: one.aside?.reason ?? '',
                                    })}
                                </span>
                                {mayWrite && (
                                    <Button
                                        look="quiet"
                                        className="-ms-3 min-h-6"
                                        onClick={() => void findings.takeUp(one)}
                                    >
                                        {say('screen.findings.tell_again')}
                                    </Button>
                                )}
                            </li>
                        ))}
                    </ul>
                </details>
            )}
        </>
    );
}
