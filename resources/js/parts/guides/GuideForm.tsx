import { useForm } from '@inertiajs/react';
import type { GuideChoices, GuideLink, WholeGuide } from '@props/Guides/GuidesPage';
import { keep, keptText, useKeptKey } from '@/lib/kept';
import { unlessRefused } from '@/lib/refused';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';
import { GuideEditor } from './GuideEditor';
import { Links } from './Links';

type Props = { guide: WholeGuide | null; choices: GuideChoices; onDone: () => void };

/** Writes a guide, or changes one. What is typed is kept until it is saved or left. */
export function GuideForm({ guide, choices, onDone }: Props) {
    const key = useKeptKey(`guide ${guide?.id ?? 'new'} ${guide?.version ?? 0}`);
    const kept = keptText(key);
    const form = useForm<{ name: string; text: string; seen: number; links: GuideLink[] }>({
        name: guide?.name ?? '',
        text: kept === '' ? (guide?.text ?? '') : kept,
        seen: guide?.version ?? 0,
        links: guide?.links ?? [],
    });
    const leave = (): void => {
        keep(key, '');
        onDone();
    };
    const send = (): void => {
        const after = { preserveScroll: true, onSuccess: unlessRefused(leave) };
        if (guide === null) form.post('/guides', after);
        else form.put(`/guides/${guide.slug}`, after);
    };
    const { name, text, ...others } = form.errors as Record<string, string>;
    return (
        <form
            className="space-y-4 p-5"
            onSubmit={(event) => {
                event.preventDefault();
                send();
            }}
        >
            <Labelled label={say('screen.common.name')} wrong={name}>
                <input
                    className="entry w-full"
                    maxLength={200}
                    value={form.data.name}
                    onChange={(event) => form.setData('name', event.target.value)}
                />
            </Labelled>
            <div>
                <p className="mb-1 font-medium" aria-hidden>
                    {say('guides.text')}
                </p>
                <GuideEditor
                    text={form.data.text}
                    label={say('guides.text')}
                    onChange={(markdown) => {
                        keep(key, markdown);
                        form.setData('text', markdown);
                    }}
                />
                {text !== undefined && <p className="text-xs text-brick">{text}</p>}
            </div>
            <Links links={form.data.links} choices={choices} onChange={(links) => form.setData('links', links)} />
            <FaultList faults={Object.values(others)} />
            <div className="flex justify-end gap-2">
                <Button onClick={leave}>{say('screen.common.leave_it')}</Button>
                <Button type="submit" look="main" disabled={form.processing}>
                    {say('screen.common.save')}
                </Button>
            </div>
        </form>
    );
}
