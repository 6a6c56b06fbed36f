import { useForm } from '@inertiajs/react';
import type { Coverage, Fault } from '@props/Rules/RulebookPage';
import { useFormats, type Formats } from '@/lib/format';
import { unlessRefused } from '@/lib/refused';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { Labelled } from '@/ui/Labelled';
import { MomentEntry } from '@/ui/MomentEntry';
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

/** The next day, at eight. */
function tomorrow({ fromLocal, toLocal }: Formats): string {
    const day = toLocal(new Date(Date.now() + 86_400_000).toISOString()).slice(0, 10);
    return fromLocal(`${day}T08:00`);
}

/** What would change, then the version's note and when, then the deed. */
export function PublishDialog({ coverage, faults, nameOf, onGo, revision, next, days, open, onOpenChange }: Props) {
    const form = useForm<{ note: string; at: string | null }>({ note: '', at: null });
    const formats = useFormats();
    const { at } = form.data;
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
                <fieldset className="flex flex-wrap items-end gap-4">
                    <legend className="sr-only">{say('screen.publish_dialog.when')}</legend>
                    <label className="flex items-center gap-2">
                        <input
                            type="radio"
                            name="when"
                            checked={at === null}
                            onChange={() => form.setData('at', null)}
                        />
                        {say('screen.publish_dialog.at_once')}
                    </label>
                    <label className="flex items-center gap-2">
                        <input
                            type="radio"
                            name="when"
                            checked={at !== null}
                            onChange={() => form.setData('at', tomorrow(formats))}
                        />
                        {say('screen.publish_dialog.at_a_time')}
                    </label>
                    {at !== null && (
                        <Labelled label={say('screen.publish_dialog.moment')} wrong={form.errors.at}>
                            <MomentEntry
                                aria-label={say('screen.publish_dialog.moment')}
                                value={formats.toLocal(at)}
                                onChange={(local) => form.setData('at', local === '' ? at : formats.fromLocal(local))}
                            />
                        </Labelled>
                    )}
                </fieldset>
                <Unfinished faults={faults} nameOf={nameOf} onGo={onGo} />
                <div className="flex justify-end gap-2">
                    <Button onClick={() => onOpenChange(false)}>{say('screen.common.not_yet')}</Button>
                    <Button type="submit" look="main" disabled={form.processing || faults.length > 0}>
                        {at === null
                            ? say('screen.publish_dialog.publish', { number: next })
                            : say('screen.publish_dialog.plan')}
                    </Button>
                </div>
            </form>
        </Dialog>
    );
}
