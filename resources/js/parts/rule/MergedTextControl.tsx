import type { Option, Vocabulary } from '@props/Rules/Vocabulary';
import { useRef, useState } from 'react';
import { Problem } from '@/lib/ask';
import { offered } from '@/lib/criteria';
import { useAsked } from '@/lib/useAsked';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';
import { say } from '@/lib/words';

type Preview = { number: number; filled: string; missing: string[] };

/** What the text is on a real task: the one that came last, or one that is asked for by its number. */
function MergedPreview({ text }: { text: string }) {
    const [number, setNumber] = useState('');
    const { answer, error } = useAsked<{ preview: Preview | null }>(
        `/rulebook/merged?${new URLSearchParams({ text, number })}`,
        300,
    );
    const preview = answer?.preview ?? null;
    const wrong =
        error instanceof Problem
            ? (error.errors[0]?.detail ?? error.message)
            : error === null && answer !== null && preview === null
              ? say('screen.merged_text_control.no_such_task')
              : '';
    return (
        <span className="block basis-full text-sm text-ink2" aria-live="polite">
            {say('screen.merged_text_control.on')}{' '}
            <input
                className="word w-14"
                aria-label={say('screen.merged_text_control.number_of_the_task')}
                inputMode="numeric"
                placeholder={preview === null ? '' : String(preview.number)}
                value={number}
                onChange={(event) => setNumber(event.target.value.replace(/\D/g, '').slice(0, 9))}
            />{' '}
            {wrong !== '' ? (
                <span className="text-ochre">{wrong}</span>
            ) : (
                preview !== null && (
                    <>
                        {say('screen.merged_text_control.says', { text: preview.filled })}
                        {preview.missing.length > 0 && (
                            <span className="text-ochre">
                                {say('screen.merged_text_control.empty', { fields: preview.missing.join(', ') })}
                            </span>
                        )}
                    </>
                )
            )}
        </span>
    );
}

type Props = {
    label: string;
    value: string;
    oneLine: boolean;
    most: number;
    vocabulary: Vocabulary;
    /** what can be merged in, where that is not fields of a task; what it says then is shown elsewhere */
    fields?: Option[];
    /** it may be left empty */
    optional?: boolean;
    onChange: (value: string) => void;
};

/** A text with fields merged in, each between two tildes, chosen from a list while writing. */
export function MergedTextControl({ label, value, oneLine, most, vocabulary, fields, optional, onChange }: Props) {
    const choices = fields ?? offered(vocabulary).map((field) => ({ value: field.path, label: field.label }));
    const entry = useRef<HTMLInputElement & HTMLTextAreaElement>(null);
    const merge = (path: string): void => {
        const at = entry.current?.selectionStart ?? value.length;
        onChange(`${value.slice(0, at)}~${path}~${value.slice(entry.current?.selectionEnd ?? at)}`);
        entry.current?.focus();
    };
    const common = {
        ref: entry,
        'aria-label': label,
        'data-blank': optional !== true && value.trim() === '',
        maxLength: most,
        value,
        className: 'word min-w-64 text-start',
    };
    return (
        <span className="inline-flex max-w-full flex-wrap items-baseline gap-1">
            {oneLine ? (
                <input
                    {...common}
                    size={Math.min(60, Math.max(24, value.length))}
                    onChange={(event) => onChange(event.target.value)}
                />
            ) : (
                <textarea {...common} rows={2} cols={48} onChange={(event) => onChange(event.target.value)} />
            )}
            <Menu
                trigger={
                    <Button
                        look="quiet"
                        className="min-h-6"
                        aria-label={say('screen.merged_text_control.merge', { label: label.toLocaleLowerCase() })}
                    >
                        {say('screen.merged_text_control.field')}
                    </Button>
                }
                items={choices.map((field) => ({ label: field.label, run: () => merge(field.value) }))}
            />
            {fields === undefined && value.includes('~') && <MergedPreview text={value} />}
        </span>
    );
}
