import { useForm } from '@inertiajs/react';
import type { HouseField } from '@props/House/HousePage';
import { unlessRefused } from '@/lib/refused';
import { shortName } from '@/lib/shortName';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { knownAs } from './knownAs';

const TYPES = ['text', 'number', 'money', 'date', 'duration', 'time', 'yes_no', 'one_of', 'many_of', 'tags', 'person'];

/** Values with their words, one a line: "silver: Silver plated". */
function optionsOf(text: string): { value: string; label: string }[] {
    return text
        .split('\n')
        .map((line) => line.trim())
        .filter((line) => line !== '')
        .map((line) => {
            const at = line.indexOf(':');
            const label = at < 0 ? line : line.slice(at + 1).trim();
            return {
                value: at < 0 ? shortName(line) : line.slice(0, at).trim(),
                label,
            };
        });
}

function valuesHint(field: HouseField | null): string {
    const retired = (field?.retiredOptions ?? []).map((one) => `${one.value}: ${one.label}`);
    return say('field_dialog.values_hint', { count: retired.length, retired: retired.join(', ') });
}

/** Defines a field, or changes its words. */
export function FieldDialog({ field, onClose }: { field: HouseField | null; onClose: () => void }) {
    const form = useForm({
        of: 'task',
        label: field?.label ?? '',
        type: field?.type ?? 'text',
        asked: true,
        values: (field?.options ?? []).map((one) => `${one.value}: ${one.label}`).join('\n'),
    });
    const listed = form.data.type === 'one_of' || form.data.type === 'many_of';
    const errors = form.errors as Record<string, string | undefined>;
    const wrongValues = errors.options ?? Object.entries(errors).find(([name]) => name.startsWith('options.'))?.[1];
    const send = (): void => {
        form.transform(
            (data) => ({ ...data, options: listed ? optionsOf(data.values) : [] }) as unknown as typeof data,
        );
        const after = { preserveScroll: true, onSuccess: unlessRefused(onClose) };
        if (field === null) form.post('/house/fields', after);
        else form.put(`/house/fields/${field.id}`, after);
    };
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={field === null ? say('screen.common.new_field') : field.label}
            description={say('screen.field_dialog.it_is_at_once')}
        >
            <DialogForm busy={form.processing} onLeave={onClose} onSend={send}>
                <Labelled
                    label={say('screen.field_dialog.label')}
                    hint={field === null ? knownAs(shortName(form.data.label, '_'), `${form.data.of}.`) : undefined}
                    wrong={errors.label}
                >
                    <input
                        className="entry w-full"
                        maxLength={120}
                        value={form.data.label}
                        onChange={(event) => form.setData('label', event.target.value)}
                    />
                </Labelled>
                {field === null && (
                    <div className="grid gap-4 sm:grid-cols-2">
                        <Labelled label={say('screen.field_dialog.of')}>
                            <select
                                className="entry w-full"
                                value={form.data.of}
                                onChange={(event) => form.setData('of', event.target.value)}
                            >
                                <option value="task">{say('screen.field_dialog.tasks')}</option>
                                <option value="customer">{say('screen.field_dialog.customers')}</option>
                                <option value="person">{say('screen.field_dialog.people')}</option>
                            </select>
                        </Labelled>
                        <Labelled
                            label={say('screen.field_dialog.type')}
                            hint={say('screen.field_dialog.it_stays')}
                            wrong={errors.type}
                        >
                            <select
                                className="entry w-full"
                                value={form.data.type}
                                onChange={(event) => form.setData('type', event.target.value as typeof form.data.type)}
                            >
                                {TYPES.map((type) => (
                                    <option key={type} value={type}>
                                        {say(`field_type.${type}`)}
                                    </option>
                                ))}
                            </select>
                        </Labelled>
                    </div>
                )}
                {field === null && form.data.of === 'task' && (
                    <label className="flex items-center gap-2">
                        <input
                            type="checkbox"
                            checked={form.data.asked}
                            onChange={(event) => form.setData('asked', event.target.checked)}
                        />
                        {say('screen.field_dialog.asked')}
                    </label>
                )}
                {listed && (
                    <Labelled label={say('screen.field_dialog.values')} hint={valuesHint(field)} wrong={wrongValues}>
                        <textarea
                            className="entry w-full font-mono"
                            rows={6}
                            value={form.data.values}
                            onChange={(event) => form.setData('values', event.target.value)}
                        />
                    </Labelled>
                )}
            </DialogForm>
        </Dialog>
    );
}
