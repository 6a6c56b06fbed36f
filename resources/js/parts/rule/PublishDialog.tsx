import { useForm } from '@inertiajs/react';
import type { BurdenView } from '@props/Rules/BurdenView';
import type { RuleDifferences } from '@props/Rules/RuleDifferences';
import type { Coverage, Fault } from '@props/Rules/RulebookPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { useFormats, type Formats } from '@/lib/format';
import { unlessRefused } from '@/lib/refused';
import { useAsked } from '@/lib/useAsked';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { Labelled } from '@/ui/Labelled';
import { MomentEntry } from '@/ui/MomentEntry';
import { Changes } from './Changes';
import { Differences } from './Differences';
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
    vocabulary: Vocabulary;
    /** the version in force and the draft; null: there is none in force, or no draft was saved yet */
    compared: [string, string] | null;
    open: boolean;
    onOpenChange: (open: boolean) => void;
};

/** The next day, at eight. */
function tomorrow({ fromLocal, toLocal }: Formats): string {
    const day = toLocal(new Date(Date.now() + 86_400_000).toISOString()).slice(0, 10);
    return fromLocal(`${day}T08:00`);
}

/** Whom it would burden and relieve, by the recent work. */
function Burden({ revision, days, finished }: { revision: number; days: number; finished: boolean }) {
    const { answer } = useAsked<{ burden: BurdenView | null }>(
        finished ? `/rulebook/burden?revision=${revision}` : null,
    );
    const burden = answer?.burden ?? null;
    if (burden === null || burden.people.length + burden.varies === 0) return null;
    return (
        <section className="mt-3">
            <h3 className="font-semibold">{say('screen.publish_dialog.burden', { days })}</h3>
            <ul className="flex flex-wrap gap-x-5">
                {burden.people.map((one) => (
                    <li key={one.slug}>
                        {one.name}{' '}
                        <strong className={one.tasks > 0 ? 'text-ochre' : 'text-pine'}>
                            {say('screen.publish_dialog.about', {
                                count: Math.abs(one.tasks),
                                way: one.tasks > 0 ? 'more' : 'fewer',
                            })}
                        </strong>
                    </li>
                ))}
            </ul>
            {burden.varies > 0 && (
                <p className="text-xs text-ink2">{say('screen.publish_dialog.varies', { count: burden.varies })}</p>
            )}
        </section>
    );
}

/** What is otherwise in the rules, in sentences. */
function InSentences({ versions: [from, to], vocabulary }: { versions: [string, string]; vocabulary: Vocabulary }) {
    const { answer } = useAsked<RuleDifferences>(`/rulebook/compare?from=${from}&to=${to}`);
    return answer === null ? null : <Differences of={answer} vocabulary={vocabulary} />;
}

/** What would change, then the version's note and when, then the deed. */
export function PublishDialog({
    coverage,
    faults,
    nameOf,
    onGo,
    revision,
    next,
    days,
    vocabulary,
    compared,
    open,
    onOpenChange,
}: Props) {
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
            {open && <Burden revision={revision} days={days} finished={coverage?.finished === true} />}
            {open && compared !== null && <InSentences versions={compared} vocabulary={vocabulary} />}
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
