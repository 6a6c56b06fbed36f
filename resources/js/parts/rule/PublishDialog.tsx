import { useForm } from '@inertiajs/react';
import type { Coverage, Fault } from '@props/Rules/RulebookPage';
import { unlessRefused } from '@/lib/refused';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { Labelled } from '@/ui/Labelled';
import { Changes } from './Changes';
import { Unfinished } from './Unfinished';
import { say } from '@/lib/words';

type Props = {
    coverage: Coverage | null;
    faults: Fault[];
    nameOf: (index: number) => string;
    onGo: (index: number) => void;
    revision: number;
    next: number;
    days: number;
    open: boolean;
    onOpenChange: (open: boolean) => void;
};

/** What would change, then the version's note, then the deed. */
export function PublishDialog({ coverage, faults, nameOf, onGo, revision, next, days, open, onOpenChange }: Props) {
    const form = useForm({ note: '' });
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            wide
            leavesFocus={faults.length > 0}
            title={say('screen.publish_dialog.publish', { number: next })}
            description={say('screen.publish_dialog.from_then_on_what')}
        >
            <Changes coverage={coverage} days={days} />
            <form
                className="mt-4 space-y-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.transform((data) => ({ ...data, revision }));
                    form.post('/rulebook/publish', { onSuccess: unlessRefused(() => onOpenChange(false)) });
                }}
            >
                <Labelled
                    label={say('screen.publish_dialog.what_is_new')}
                    hint={say('screen.publish_dialog.a_few_words_for')}
                    wrong={form.errors.note}
                >
                    <input
                        className="entry w-full"
                        maxLength={255}
                        value={form.data.note}
                        onChange={(event) => form.setData('note', event.target.value)}
                    />
                </Labelled>
                <Unfinished faults={faults} nameOf={nameOf} onGo={onGo} />
                <div className="flex justify-end gap-2">
                    <Button onClick={() => onOpenChange(false)}>{say('screen.common.not_yet')}</Button>
                    <Button type="submit" look="main" disabled={form.processing || faults.length > 0}>
                        {say('screen.publish_dialog.publish', { number: next })}
                    </Button>
                </div>
            </form>
        </Dialog>
    );
}
