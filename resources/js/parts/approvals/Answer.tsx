import { Link, router } from '@inertiajs/react';
import type { AskedApproval } from '@props/Approvals/ApprovalLine';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useShortcuts } from '@/lib/keys';
import { usePeople } from '@/lib/usePeople';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { Asked, Places } from './Places';

type Given = { answer: 'yes' | 'no' | 'not_me'; reason?: string; to?: string };

function Why({ busy, wrong, onSend, onClose }: Opened) {
    const [reason, setReason] = useState('');
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={say('approval.no_title')}>
            <DialogForm
                busy={busy}
                send={say('approval.send_no')}
                onLeave={onClose}
                onSend={() => onSend({ answer: 'no', reason })}
            >
                <Labelled label={say('approval.why')} wrong={wrong.reason ?? wrong['']}>
                    <textarea
                        className="entry min-h-20 w-full"
                        maxLength={500}
                        value={reason}
                        onChange={(event) => setReason(event.target.value)}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}

type Opened = {
    busy: boolean;
    wrong: Record<string, string>;
    onSend: (given: Given) => void;
    onClose: () => void;
};

function NotMe({ busy, wrong, onSend, onClose }: Opened) {
    const people = usePeople(true);
    const [to, setTo] = useState('');
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('approval.not_me_title')}
            description={say('approval.not_me_means')}
        >
            <DialogForm
                busy={busy}
                send={say('approval.send_not_me')}
                onLeave={onClose}
                onSend={() => onSend({ answer: 'not_me', ...(to === '' ? {} : { to }) })}
            >
                <Labelled label={say('approval.to')} wrong={wrong.to ?? wrong['']}>
                    <PersonChoice
                        people={people}
                        first={[{ value: '', label: say('approval.nobody') }]}
                        value={to}
                        onChange={setTo}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}

/** What is to be approved, and the answer: one key, or one press, and it is gone from the list. */
export function Answer({ task, asked, place }: { task: string; asked: AskedApproval; place: string }) {
    const { busy, wrong, send } = useSending((fault) => fault.pointer.split('/')[1] ?? '');
    const [open, setOpen] = useState<'no' | 'not_me' | null>(null);
    const answer = (given: Given): void =>
        void send(async () => {
            await ask('POST', `/tasks/${task}/answer`, JSON.stringify(given));
        }).then((done) => {
            if (!done) return;
            setOpen(null);
            if (place === 'in-hand') router.visit('/in-hand');
            else router.reload();
        });
    useShortcuts(
        'part',
        say('approval.answer'),
        asked.mine && open === null
            ? [
                  { key: 'y', does: say('approval.yes').toLocaleLowerCase(), run: () => answer({ answer: 'yes' }) },
                  { key: 'd', does: say('approval.no').toLocaleLowerCase(), run: () => setOpen('no') },
              ]
            : [],
    );
    const { of } = asked;
    const named = say(of.isCase ? 'approval.of_case' : 'approval.of_task', {
        number: String(of.number),
        title: of.title,
    });
    return (
        <section aria-label={say('approval.answer')} className="border-t border-line py-3">
            <h3 className="font-semibold">{asked.name}</h3>
            <Asked of={asked} />
            {asked.details !== null && <p className="my-2 whitespace-pre-wrap">{asked.details}</p>}
            <div className="my-2 border-s-2 border-sky ps-3">
                <p className="text-ink2">{say('approval.to_approve')}</p>
                <p>
                    {of.seen ? (
                        <Link href={of.href} className="text-sky underline">
                            {named}
                        </Link>
                    ) : (
                        named
                    )}
                    {of.customer !== null && ` · ${of.customer}`}
                </p>
                {of.description !== null && <p className="whitespace-pre-wrap">{of.description}</p>}
                <dl className="grid grid-cols-[auto_1fr] gap-x-4">
                    {of.facts.map((fact) => (
                        <div key={fact.label} className="contents">
                            <dt className="text-ink2">{fact.label}</dt>
                            <dd className="break-words">{fact.value}</dd>
                        </div>
                    ))}
                </dl>
            </div>
            {asked.mine && (
                <div className="my-2 flex flex-wrap gap-2">
                    <Button
                        look="main"
                        className="min-w-20 justify-center text-center"
                        disabled={busy}
                        onClick={() => answer({ answer: 'yes' })}
                    >
                        {say('approval.yes')}
                    </Button>
                    <Button
                        className="min-w-20 justify-center text-center"
                        disabled={busy}
                        onClick={() => setOpen('no')}
                    >
                        {say('approval.no')}
                    </Button>
                    <Button look="quiet" disabled={busy} onClick={() => setOpen('not_me')}>
                        {say('approval.not_me')}
                    </Button>
                </div>
            )}
            {open === null &&
                Object.values(wrong).map((line) => (
                    <p key={line} role="alert" className="text-brick">
                        {line}
                    </p>
                ))}
            <Places of={asked} />
            {open === 'no' && <Why busy={busy} wrong={wrong} onSend={answer} onClose={() => setOpen(null)} />}
            {open === 'not_me' && <NotMe busy={busy} wrong={wrong} onSend={answer} onClose={() => setOpen(null)} />}
        </section>
    );
}
