import type { TaskListQuery } from '@props/Tasks/TasksPage';
import { useState } from 'react';
import type { Choosable } from '@/lib/people';
import { startSweep } from '@/lib/sweeps';
import { useAsked } from '@/lib/useAsked';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

type Offered = { sweeps: Choosable[]; rules: Choosable[] };

/** Which sweep, or which rule in force, over the ticked tasks or over all of the list. */
export function StartSweep({
    filter,
    total,
    picked,
    onClose,
}: {
    filter: TaskListQuery;
    total: number;
    picked: string[];
    onClose: () => void;
}) {
    const [what, setWhat] = useState('');
    const [over, setOver] = useState<'ticked' | 'list'>(picked.length > 0 ? 'ticked' : 'list');
    const { answer } = useAsked<Offered>('/rulebook/sweeps/offered', 0);
    const isRule = answer?.rules.some((one) => one.value === what) === true;
    const look = (): void =>
        void startSweep({
            ...(isRule ? { rule: what } : { sweep: what }),
            ...(over === 'ticked' ? { ids: picked } : { filter: filter as Record<string, string> }),
        });
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={say('screen.sweeps.start_title')}>
            <DialogForm
                busy={what === ''}
                leave={say('screen.common.not_yet')}
                send={say('screen.sweeps.see')}
                onLeave={onClose}
                onSend={look}
            >
                <Labelled label={say('screen.sweeps.start_what')} hint={say('screen.sweeps.start_hint')}>
                    <PersonChoice
                        people={[
                            ...(answer?.sweeps ?? []),
                            ...(answer?.rules ?? []).map((one) => ({ ...one, note: say('screen.sweeps.of_rule') })),
                        ]}
                        value={what}
                        onChange={setWhat}
                    />
                </Labelled>
                <fieldset className="space-y-1">
                    <legend className="font-medium">{say('screen.sweeps.over')}</legend>
                    {picked.length > 0 && (
                        <label className="flex items-center gap-2">
                            <input
                                type="radio"
                                name="over"
                                checked={over === 'ticked'}
                                onChange={() => setOver('ticked')}
                            />
                            {say('screen.sweeps.ticked', { count: picked.length })}
                        </label>
                    )}
                    <label className="flex items-center gap-2">
                        <input type="radio" name="over" checked={over === 'list'} onChange={() => setOver('list')} />
                        {say('screen.sweeps.whole_list', { count: total })}
                    </label>
                </fieldset>
            </DialogForm>
        </Dialog>
    );
}
