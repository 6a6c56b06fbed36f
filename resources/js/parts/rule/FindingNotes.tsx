import clsx from 'clsx';
import type { Finding, Remedy } from '@props/Rules/FindingsView';
import type { Rule } from '@props/Rules/RulebookPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { useState, type ReactElement } from 'react';
import { pointedAt } from '@/lib/pointed';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

export const LOOKS = { certain: 'text-brick', likely: 'text-ochre', note: 'text-ink2' };

const LONGEST = 500;

export type FindingActions = {
    mend: (rule: Rule, press: Remedy) => void;
    setAside: (finding: Finding, reason: string) => Promise<void>;
};

/** Why it is meant so. */
function Aside({ onAside, onLeave }: { onAside: (reason: string) => Promise<void>; onLeave: () => void }) {
    const [reason, setReason] = useState('');
    const [wrong, setWrong] = useState<string | null>(null);
    const send = (): void => {
        onAside(reason.trim()).then(onLeave, (error: unknown) =>
            setWrong(error instanceof Error ? error.message : String(error)),
        );
    };
    return (
        <form
            className="mt-1 flex flex-wrap items-center gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                if (reason.trim() !== '') send();
            }}
        >
            <input
                className="entry min-w-60 flex-1"
                aria-label={say('screen.findings.why')}
                placeholder={say('screen.findings.why')}
                maxLength={LONGEST}
                value={reason}
                autoFocus
                onChange={(event) => setReason(event.target.value)}
                onKeyDown={(event) => {
                    if (event.key === 'Escape') onLeave();
                }}
            />
            <Button type="submit" disabled={reason.trim() === ''}>
                {say('screen.findings.set_aside')}
            </Button>
            <Button look="quiet" onClick={onLeave}>
                {say('screen.common.leave_it')}
            </Button>
            {wrong !== null && (
                <span role="alert" className="text-brick">
                    {wrong}
                </span>
            )}
        </form>
    );
}

type Props = {
    rule: Rule;
    finding: Finding;
    vocabulary: Vocabulary;
    mayWrite: boolean;
    actions: FindingActions;
};

function Note({ rule, finding, vocabulary, mayWrite, actions }: Props): ReactElement {
    const [aside, setAside] = useState(false);
    const words = finding.pointers
        .map((one) => pointedAt(rule, one, vocabulary))
        .filter((one) => one !== '' && !finding.say.includes(one));
    const { press } = finding;
    return (
        <li className={clsx('border-s-2 border-current ps-2', LOOKS[finding.certainty])}>
            <p>
                <strong>{say(`certainty.${finding.certainty}`)}</strong>{' '}
                {words.length > 0 && <q className="text-ink">{words.join(' · ')}</q>}{' '}
                <span className="text-ink">{finding.say}</span> <span className="text-ink2">{finding.do}</span>
            </p>
            {mayWrite && !aside && (
                <p className="flex flex-wrap gap-x-3">
                    {press !== null && (
                        <Button look="quiet" className="-ms-3 min-h-6" onClick={() => actions.mend(rule, press)}>
                            {press.label}
                        </Button>
                    )}
                    <Button look="quiet" className="-ms-3 min-h-6 text-ink2" onClick={() => setAside(true)}>
                        {say('screen.findings.meant')}
                    </Button>
                </p>
            )}
            {aside && <Aside onAside={(reason) => actions.setAside(finding, reason)} onLeave={() => setAside(false)} />}
        </li>
    );
}

/** What checks find of one rule, at its words, with a press that does something about it. */
export function FindingNotes({ findings, ...rest }: Omit<Props, 'finding'> & { findings: Finding[] }) {
    if (findings.length === 0) return null;
    return (
        <ul className="mt-1 space-y-1 text-xs" aria-label={say('screen.findings.of_rule', { name: rest.rule.name })}>
            {findings.map((finding) => (
                <Note key={finding.signature} finding={finding} {...rest} />
            ))}
        </ul>
    );
}
