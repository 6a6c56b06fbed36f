import { router } from '@inertiajs/react';
import type { ApprovalLine } from '@props/Approvals/ApprovalLine';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { AskApproval } from './AskApproval';
import { Asked, Places } from './Places';

function One({ of }: { of: ApprovalLine }) {
    const { busy, wrong, send } = useSending();
    const [reminded, setReminded] = useState(false);
    const tell = (what: string, then: () => void): void =>
        void send(async () => {
            await ask('POST', `/approvals/${of.id}/${what}`, '{}');
        }).then((done) => {
            if (done) then();
        });
    const colour = of.outcome === 'yes' ? 'text-pine' : of.outcome === null ? 'text-ochre' : 'text-brick';
    return (
        <li className="border-t border-line py-2 first:border-0">
            <h3 className="flex flex-wrap gap-x-3 font-semibold">
                {of.name}
                <span className={colour}>{say(`approval.outcome.${of.outcome ?? 'open'}`)}</span>
            </h3>
            <Asked of={of} />
            {of.details !== null && <p className="whitespace-pre-wrap">{of.details}</p>}
            <Places of={of} />
            {of.outcome === null && of.mayChange && (
                <div className="mt-1 flex flex-wrap items-center gap-2">
                    <Button disabled={busy} onClick={() => tell('remind', () => setReminded(true))}>
                        {say('approval.remind')}
                    </Button>
                    <Button look="quiet" disabled={busy} onClick={() => tell('withdraw', () => router.reload())}>
                        {say('approval.withdraw')}
                    </Button>
                    {reminded && <span role="status">{say('approval.reminded')}</span>}
                </div>
            )}
            {Object.values(wrong).map((line) => (
                <p key={line} className="text-brick">
                    {line}
                </p>
            ))}
        </li>
    );
}

/**
 * What was asked to be approved of a task or a case, and what came of it.
 *
 * @param at its address
 */
export function Approvals({ approvals, at, mayAsk }: { approvals: ApprovalLine[]; at: string; mayAsk: boolean }) {
    const [asking, setAsking] = useState(false);
    return (
        <>
            {approvals.length === 0 && <p className="text-ink2">{say('approval.none')}</p>}
            <ul>
                {approvals.map((one) => (
                    <One key={one.id} of={one} />
                ))}
            </ul>
            {mayAsk && (
                <Button className="mt-2" onClick={() => setAsking(true)}>
                    {say('approval.ask')}
                </Button>
            )}
            {asking && <AskApproval at={at} onClose={() => setAsking(false)} />}
        </>
    );
}
