import type { ImportLine, ImportPreview, ImportProgress } from '@props/Tables/Import';
import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { ask } from '@/lib/ask';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { FileEntry, PastedTable } from '@/parts/FileEntry';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';

const ORDER: ImportLine['what'][] = ['wrong', 'makes', 'changes', 'same'];

/** Asks how far a table is until all of it is carried out. */
function useProgress(id: string | null): ImportProgress | null {
    const [progress, setProgress] = useState<ImportProgress | null>(null);
    useEffect(() => {
        if (id === null) return;
        let timer = 0;
        const look = (): void => {
            ask<ImportProgress>('GET', `/imports/${id}`)
                .then((answer) => {
                    setProgress(answer);
                    if (answer.ended) router.reload();
                    else timer = window.setTimeout(look, 700);
                })
                // Whoever can't be reached just now is asked again.
                .catch(() => (timer = window.setTimeout(look, 3000)));
        };
        look();
        return () => window.clearTimeout(timer);
    }, [id]);
    return progress;
}

function Lines({ preview }: { preview: ImportPreview }) {
    return (
        <div className="mt-3 max-h-72 overflow-auto" tabIndex={0} role="region" aria-label={say('table.lines')}>
            <table className="w-full text-start">
                <tbody>
                    {preview.lines.map((one) => (
                        <tr key={one.line} className="border-t border-line align-top">
                            <th scope="row" className="w-20 py-1 pe-3 font-normal whitespace-nowrap text-ink2">
                                {say('table.line', { line: one.line })}
                            </th>
                            <td className="py-1 pe-3">{one.label}</td>
                            <td className={`py-1 ${one.what === 'wrong' ? 'text-brick' : 'text-ink2'}`}>
                                {one.faults.length === 0
                                    ? say(`table.what.${one.what}`)
                                    : one.faults.map((fault) => (
                                          <p key={fault.at + fault.said}>
                                              {fault.at !== '' && <b>{fault.at}: </b>}
                                              {fault.said}
                                          </p>
                                      ))}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {preview.more > 0 && <p className="py-1 text-ink2">{say('table.more', { count: preview.more })}</p>}
        </div>
    );
}

function HowFar({ progress, title }: { progress: ImportProgress; title: string }) {
    const { done, total, made, changed, faults, ended } = progress;
    return (
        <div role="status">
            <progress className="w-full accent-pine" max={total} value={done} aria-label={title} />
            <p>{say(ended ? 'table.ended' : 'table.running', { done, total, made, changed })}</p>
            <FaultList faults={faults.map((one) => `${say('table.line', { line: one.line })}: ${one.said}`)} />
        </div>
    );
}

/** A table from a file or pasted from a spreadsheet: what each line would do, then how far it is. */
export function TableImport({
    kind,
    title,
    note,
    example,
    onClose,
}: {
    kind: 'customers' | 'places' | 'tasks' | 'cases' | 'duties';
    title: string;
    note: string;
    /** the first lines of a table */
    example: string;
    onClose: () => void;
}) {
    const [table, setTable] = useState<Blob | null>(null);
    const [preview, setPreview] = useState<ImportPreview | null>(null);
    const [running, setRunning] = useState<string | null>(null);
    const { busy, faults, send } = useSending();
    const progress = useProgress(running);
    const look = (given: Blob): void => {
        setTable(given);
        setPreview(null);
        void send(async () => setPreview(await ask<ImportPreview>('POST', `/imports/${kind}/preview`, given)));
    };
    const bringIn = (): void => {
        if (table === null) return;
        void send(async () => setRunning((await ask<{ id: string }>('POST', `/imports/${kind}`, table)).id));
    };
    const count = (what: ImportLine['what']): number => preview?.counts[what] ?? 0;
    const nothing = preview !== null && count('makes') + count('changes') === 0;
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} wide title={title} description={note}>
            {running === null && (
                <>
                    <FileEntry
                        label={say('table.file')}
                        accept=".csv,.tsv,.txt,.vcf,text/csv,text/vcard"
                        hint={say('table.how_to_save')}
                        onFile={look}
                    />
                    <PastedTable example={example} onPaste={look} />
                </>
            )}
            <FaultList faults={faults} />
            {preview !== null && running === null && (
                <>
                    <p className="mt-3" role="status">
                        {ORDER.filter((what) => count(what) > 0)
                            .map((what) => say(`table.count.${what}`, { count: count(what) }))
                            .join(' · ')}
                    </p>
                    {count('wrong') > 0 && <p className="text-brick">{say('table.mend')}</p>}
                    <Lines preview={preview} />
                </>
            )}
            {progress !== null && <HowFar progress={progress} title={title} />}
            <div className="mt-4 flex justify-end gap-2">
                <Button onClick={onClose}>
                    {say(preview === null || running !== null ? 'screen.common.close' : 'screen.common.not_yet')}
                </Button>
                {preview !== null && running === null && (
                    <Button look="main" disabled={busy || nothing || count('wrong') > 0} onClick={bringIn}>
                        {say('table.bring_in')}
                    </Button>
                )}
            </div>
        </Dialog>
    );
}
