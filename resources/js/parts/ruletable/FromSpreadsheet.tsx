import type { Rule } from '@props/Rules/RulebookPage';
import type { ReadRow, RuleColumn } from '@props/Rules/RuleTablePage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { merged, type Merged } from '@/lib/ruleTable';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { FileEntry, PastedTable } from '@/parts/FileEntry';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';

type Props = {
    rows: Rule[];
    columns: RuleColumn[];
    made: (rule: Rule, name: string | null) => Rule;
    onTake: (rows: Rule[]) => void;
    onClose: () => void;
};

/** What is wrong, with the line and the column that it is in. */
function faultAt(place: string, said: string): string {
    const [, line, column = ''] = /^\/line (\d+)\/?(.*)$/.exec(place) ?? [];
    return line === undefined
        ? said
        : say('screen.rule_table.fault', { line, column: column === '' ? 'none' : column, said });
}

/** Rows from a file or pasted from a spreadsheet: what is wrong with its place, else what would come of them. */
export function FromSpreadsheet({ rows, columns, made, onTake, onClose }: Props) {
    const [read, setRead] = useState<ReadRow[] | null>(null);
    const [isAll, setAll] = useState(false);
    const { busy, wrong, send } = useSending();
    const [template] = rows;
    if (template === undefined) return null;
    const look = (given: Blob): void =>
        void send(async () => {
            setRead(null);
            const body = JSON.stringify({ rule: template, table: await given.text() });
            setRead((await ask<{ rows: ReadRow[] }>('POST', '/rulebook/table/read', body)).rows);
        });
    const result: Merged | null = read === null ? null : merged(rows, read, template, isAll, made);
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            wide
            title={say('screen.rule_table.paste_title')}
            description={say('screen.rule_table.paste_note')}
        >
            <FileEntry
                label={say('table.file')}
                accept=".csv,.tsv,.txt,text/csv"
                hint={say('table.how_to_save')}
                onFile={look}
            />
            <PastedTable
                example={[say('rule_table.name'), ...columns.map(({ label }) => label)].join('\t')}
                onPaste={look}
            />
            <label className="mt-3 flex items-center gap-2">
                <input type="checkbox" checked={isAll} onChange={(event) => setAll(event.target.checked)} />
                {say('screen.rule_table.is_all')}
            </label>
            <FaultList faults={Object.entries(wrong).map(([place, said]) => faultAt(place, said))} />
            {result !== null && (
                <p className="mt-3" role="status">
                    {say('screen.rule_table.comes_to', {
                        fresh: result.fresh,
                        changed: result.changed,
                        gone: result.gone,
                    })}
                </p>
            )}
            <div className="mt-4 flex justify-end gap-2">
                <Button onClick={onClose}>{say('screen.common.not_yet')}</Button>
                <Button
                    look="main"
                    disabled={busy || result === null || result.fresh + result.changed + result.gone === 0}
                    onClick={() => {
                        if (result !== null) onTake(result.rows);
                        onClose();
                    }}
                >
                    {say('screen.rule_table.take')}
                </Button>
            </div>
        </Dialog>
    );
}
