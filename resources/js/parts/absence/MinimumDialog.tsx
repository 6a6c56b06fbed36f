import { useForm } from '@inertiajs/react';
import type { AbsencesPageProps } from '@props/Absences/AbsencesPage';
import { unlessRefused } from '@/lib/refused';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

/** Asks how many of a team, or with a skill, should be there on each day. */
export function MinimumDialog({ groups, onClose }: { groups: AbsencesPageProps['groups']; onClose: () => void }) {
    const [first] = groups;
    const form = useForm({ of: first?.value ?? '', people: String(first?.minimum ?? '') });
    const choose = (of: string): void =>
        form.setData({ of, people: String(groups.find((one) => one.value === of)?.minimum ?? '') });
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('chart.minimum_title')}
            description={say('chart.minimum_description')}
        >
            <DialogForm
                busy={form.processing}
                onLeave={onClose}
                onSend={() =>
                    form.post('/absences/minimum', { preserveScroll: true, onSuccess: unlessRefused(onClose) })
                }
            >
                <Labelled label={say('chart.minimum_of')} wrong={form.errors.of}>
                    <select
                        className="entry w-full"
                        value={form.data.of}
                        onChange={(event) => choose(event.target.value)}
                    >
                        {groups.map((one) => (
                            <option key={one.value} value={one.value}>
                                {one.label}
                                {one.minimum !== null && ` (${one.minimum})`}
                            </option>
                        ))}
                    </select>
                </Labelled>
                <Labelled
                    label={say('chart.minimum_people')}
                    hint={say('chart.minimum_hint')}
                    wrong={form.errors.people}
                >
                    <input
                        type="number"
                        min={1}
                        max={500}
                        className="entry w-24"
                        value={form.data.people}
                        onChange={(event) => form.setData('people', event.target.value)}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}
