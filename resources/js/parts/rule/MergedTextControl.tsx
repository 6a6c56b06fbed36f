import type { Vocabulary } from '@props/Vocabulary';
import { useRef } from 'react';
import { offered } from '@/lib/criteria';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';

type Props = { label: string; value: string; oneLine: boolean; most: number; vocabulary: Vocabulary; onChange: (value: string) => void };

/** A text with fields merged in, each between two tildes, chosen from a list while writing. */
export function MergedTextControl({ label, value, oneLine, most, vocabulary, onChange }: Props) {
    const entry = useRef<HTMLInputElement & HTMLTextAreaElement>(null);
    const merge = (path: string): void => {
        const at = entry.current?.selectionStart ?? value.length;
        onChange(`${value.slice(0, at)}~${path}~${value.slice(entry.current?.selectionEnd ?? at)}`);
        entry.current?.focus();
    };
    const common = { ref: entry, 'aria-label': label, 'data-blank': value.trim() === '', maxLength: most, value, className: 'word min-w-64 text-left' };
    return (
        <span className="inline-flex max-w-full flex-wrap items-baseline gap-1">
            {oneLine ? (
                <input {...common} size={Math.min(60, Math.max(24, value.length))} onChange={(event) => onChange(event.target.value)} />
            ) : (
                <textarea {...common} rows={2} cols={48} onChange={(event) => onChange(event.target.value)} />
            )}
            <Menu
                trigger={
                    <Button look="quiet" className="min-h-6" aria-label={`Merge a field into ${label.toLowerCase()}`}>
                        field …
                    </Button>
                }
                items={offered(vocabulary).map((field) => ({ label: field.label, run: () => merge(field.path) }))}
            />
        </span>
    );
}
