import { useState } from 'react';
import { say } from '@/lib/words';

type FileProps = {
    label: string;
    /** kinds of files, as an input has them */
    accept: string;
    hint?: string;
    disabled?: boolean;
    onFile: (file: File) => void;
};

/** A file to choose; it is looked at as soon as it is chosen. */
export function FileEntry({ label, accept, hint, disabled = false, onFile }: FileProps) {
    return (
        <label className="block space-y-1">
            <span className="font-medium">{label}</span>
            <input
                className="entry w-full"
                type="file"
                accept={accept}
                disabled={disabled}
                onChange={(event) => {
                    const file = event.target.files?.[0];
                    if (file !== undefined) onFile(file);
                }}
            />
            {hint !== undefined && <span className="block text-xs text-ink2">{hint}</span>}
        </label>
    );
}

/** What was copied out of a spreadsheet; it is looked at as soon as one leaves it. */
export function PastedTable({ example, onPaste }: { example: string; onPaste: (text: Blob) => void }) {
    const [text, setText] = useState('');
    return (
        <label className="mt-3 block space-y-1">
            <span className="font-medium">{say('table.pasted')}</span>
            <textarea
                className="entry w-full font-mono text-xs"
                rows={4}
                placeholder={example}
                value={text}
                onChange={(event) => setText(event.target.value)}
                onBlur={() => text.trim() !== '' && onPaste(new Blob([text]))}
            />
        </label>
    );
}
