import type { CasePageProps } from '@props/Cases/CaseView';
import type { EntryValue } from '@props/Intake/NewTaskPage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { say } from '@/lib/words';
import { FieldEntry } from '@/parts/FieldEntry';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { useDialogSending } from './useDialogSending';

/** What is known of the case: its title, its tags, the fields of the house. Only what was changed is sent. */
export function EditCase({
    of,
    fields,
    people,
    onClose,
}: { onClose: () => void } & Pick<CasePageProps, 'fields' | 'people'> & { of: CasePageProps['case'] }) {
    const { busy, wrong, send } = useDialogSending(onClose, (fault) => fault.pointer.replace(/^\/set\/(facts\/)?/, ''));
    const [title, setTitle] = useState(of.title);
    const [tags, setTags] = useState(of.tags.join(', '));
    const [facts, setFacts] = useState<Record<string, EntryValue>>({});
    const save = (): void =>
        send(async () => {
            const set = {
                ...(title === of.title ? {} : { title }),
                ...(tags === of.tags.join(', ')
                    ? {}
                    : {
                          tags: tags
                              .split(',')
                              .map((one) => one.trim())
                              .filter((one) => one !== ''),
                      }),
                ...(Object.keys(facts).length === 0 ? {} : { facts }),
            };
            await ask('PUT', `/cases/${of.id}`, JSON.stringify({ revision: of.revision, set }));
        });
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('case.edit_title')}
            description={say('case.number', { number: String(of.number) })}
        >
            <DialogForm busy={busy} onLeave={onClose} onSend={save}>
                <Labelled label={say('case.title_entry')} wrong={wrong.title}>
                    <input
                        className="entry w-full"
                        maxLength={160}
                        value={title}
                        onChange={(event) => setTitle(event.target.value)}
                    />
                </Labelled>
                <Labelled label={say('case.tags')} wrong={wrong.tags}>
                    <input className="entry w-full" value={tags} onChange={(event) => setTags(event.target.value)} />
                </Labelled>
                {fields.map((field) => (
                    <FieldEntry
                        key={field.path}
                        field={field}
                        people={people}
                        value={facts[field.path] === undefined ? field.value : (facts[field.path] ?? null)}
                        wrong={wrong[field.path]}
                        onChange={(value) => setFacts({ ...facts, [field.path]: value })}
                    />
                ))}
                {wrong[''] !== undefined && <p className="text-brick">{wrong['']}</p>}
            </DialogForm>
        </Dialog>
    );
}
