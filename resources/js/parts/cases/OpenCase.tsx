import { router } from '@inertiajs/react';
import type { CasesPageProps } from '@props/Cases/CasesPage';
import type { Trail } from '@props/Tasks/TaskView';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { CustomerFinder } from '@/parts/Finder';
import { PersonChoice } from '@/parts/PersonChoice';
import { ReasonTrail } from '@/parts/ReasonTrail';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { SelectEntry } from '@/ui/SelectEntry';

/** Opens a case by hand, alone or from a task, and goes to it. */
export function OpenCase({
    tracks,
    people,
    task,
    onClose,
}: Pick<CasesPageProps, 'tracks' | 'people'> & { task?: { id: string; title: string }; onClose: () => void }) {
    const { busy, wrong, send } = useSending((fault) => fault.pointer.split('/')[1] ?? '');
    const [track, setTrack] = useState(tracks[0]?.value ?? '');
    const [stage, setStage] = useState('');
    const [title, setTitle] = useState(task?.title ?? '');
    const [customer, setCustomer] = useState('');
    const [owner, setOwner] = useState('');
    const stages = tracks.find(({ value }) => value === track)?.stages ?? [];
    const [looked, setLooked] = useState<{ of: string; trail: Trail } | null>(null);
    const written = (): string => {
        const given = { stage, customer, owner, task: task?.id ?? '' };
        return JSON.stringify({
            track,
            title,
            ...Object.fromEntries(Object.entries(given).filter(([, value]) => value !== '')),
        });
    };
    const open = (): void =>
        void send(async () => {
            const answer = await ask<{ id: string }>('POST', '/cases', written());
            router.visit(`/cases/${answer.id}`);
        });
    const look = (): void =>
        void send(async () => {
            const of = written();
            setLooked({ of, trail: await ask<Trail>('POST', '/cases/preview', of) });
        });
    return (
        <Dialog
            open
            onOpenChange={(still) => !still && onClose()}
            title={say('case.open_title')}
            description={say('case.open_means')}
        >
            <DialogForm busy={busy} send={say('case.open_one')} onLeave={onClose} onSend={open}>
                <SelectEntry
                    label={say('case.track')}
                    value={track}
                    options={tracks}
                    wrong={wrong.track}
                    onChange={(chosen) => {
                        setTrack(chosen);
                        setStage('');
                    }}
                />
                <Labelled label={say('case.title_entry')} wrong={wrong.title}>
                    <input
                        className="entry w-full"
                        maxLength={160}
                        value={title}
                        onChange={(event) => setTitle(event.target.value)}
                    />
                </Labelled>
                <SelectEntry
                    label={say('case.stage_entry')}
                    value={stage === '' ? (stages[0]?.value ?? '') : stage}
                    options={stages}
                    wrong={wrong.stage}
                    onChange={setStage}
                />
                <Labelled label={say('case.columns.customer')} wrong={wrong.customer}>
                    <CustomerFinder value={customer} onChange={setCustomer} />
                </Labelled>
                <Labelled label={say('case.owner')} wrong={wrong.owner}>
                    <PersonChoice
                        people={people}
                        first={[{ value: '', label: say('case.rules_say') }]}
                        value={owner}
                        onChange={setOwner}
                    />
                </Labelled>
                {owner === '' && (
                    <div>
                        <Button look="quiet" className="-ms-1" disabled={busy} onClick={look}>
                            {say('case.who_would_own')}
                        </Button>
                        {looked?.of === written() && (
                            <div className="mt-2 border-s-2 border-line ps-3" role="status">
                                <ReasonTrail trail={looked.trail} />
                            </div>
                        )}
                    </div>
                )}
                {wrong[''] !== undefined && <p className="text-brick">{wrong['']}</p>}
            </DialogForm>
        </Dialog>
    );
}
