import { useSending } from '@/lib/useSending';
import { router } from '@inertiajs/react';
import type { ListChanges, RosterChanges } from '@props/People/RosterChanges';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { FaultList } from '@/parts/FaultList';
import { FileEntry, PastedTable } from '@/parts/FileEntry';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { say } from '@/lib/words';

const LISTS = (['people', 'teams', 'skills', 'absences'] as const).map((list) => ({
    list,
    label: say('screen.roster_import_dialog.list', { list }),
}));

type Found = { body: Blob; form: string; changes: RosterChanges };

/** By its name; what has none is taken for a roster document. */
function formOf(file: File): string {
    return /\.(csv|vcf)$/i.exec(file.name)?.[1]?.toLowerCase() ?? 'json';
}

/** A file that is looked at, and merged once one has seen what that would do. */
function useRosterImport(onMerged: () => void) {
    const [found, setFound] = useState<Found | null>(null);
    const { busy, faults, send } = useSending();

    // As it is, whatever its encoding: the server tells.
    const look = (body: Blob, form: string): void => {
        setFound(null);
        void send(async () =>
            setFound({
                body,
                form,
                changes: await ask<RosterChanges>('POST', `/roster/preview?form=${form}`, body),
            }),
        );
    };
    const merge = ({ body, form }: Found, remove: boolean): void =>
        void send(async () => {
            await ask('POST', `/roster/import?form=${form}${remove ? '&remove=1' : ''}`, body);
            onMerged();
        });
    return { found, faults, busy, look, merge };
}

/** Says first what a roster file would do; then merges it, or takes away as well what it does not have. */
export function RosterImportDialog({ onClose, onDone }: { onClose: () => void; onDone: () => void }) {
    const [remove, setRemove] = useState(false);
    const { found, faults, busy, look, merge } = useRosterImport(() => {
        onDone();
        onClose();
        router.reload();
    });

    const nothing =
        found !== null &&
        LISTS.every(
            ({ list }) =>
                found.changes[list].added.length +
                    found.changes[list].changed.length +
                    (remove ? found.changes[list].missing.length : 0) ===
                0,
        );
    const missing = found !== null && LISTS.some(({ list }) => found.changes[list].missing.length > 0);
    return (
        <Dialog
            open
            onOpenChange={onClose}
            wide
            title={say('screen.roster_import_dialog.read_people_and_teams')}
            description={say('screen.roster_import_dialog.what_the_file_has')}
        >
            <FileEntry
                label={say('screen.roster_import_dialog.roster_json_table_csv')}
                accept=".json,.csv,.vcf"
                onFile={(file) => look(file, formOf(file))}
            />
            <PastedTable example={'name\temail\tskills\tteams'} onPaste={(text) => look(text, 'csv')} />
            <FaultList faults={faults} />
            {found !== null && <WhatChanges changes={found.changes} remove={remove} />}
            {nothing && <p className="mt-3">{say('screen.roster_import_dialog.the_house_has_all')}</p>}
            {missing && (
                <label className="mt-3 flex items-start gap-2">
                    <input
                        type="checkbox"
                        className="mt-1"
                        checked={remove}
                        onChange={(event) => setRemove(event.target.checked)}
                    />
                    <span>
                        {say('screen.roster_import_dialog.take_away')}
                        <span className="block text-xs text-ink2">
                            {say('screen.roster_import_dialog.people_become_inactive_and')}
                        </span>
                    </span>
                </label>
            )}
            <div className="mt-4 flex justify-end gap-2">
                <Button onClick={onClose}>
                    {found === null ? say('screen.common.close') : say('screen.common.not_yet')}
                </Button>
                {found !== null && (
                    <Button
                        look={remove ? 'grave' : 'main'}
                        disabled={busy || nothing}
                        onClick={() => merge(found, remove)}
                    >
                        {remove
                            ? say('screen.roster_import_dialog.merge_and_take_away')
                            : say('screen.roster_import_dialog.merge')}
                    </Button>
                )}
            </div>
        </Dialog>
    );
}

function WhatChanges({ changes, remove }: { changes: RosterChanges; remove: boolean }) {
    return (
        <table className="mt-4 w-full text-start" aria-label={say('screen.roster_import_dialog.what_the_file_would')}>
            <thead className="text-xs text-ink2">
                <tr>
                    <th className="py-1 pe-3 font-normal" />
                    <th className="w-1/4 py-1 pe-3 font-normal">{say('screen.roster_import_dialog.to_be_added')}</th>
                    <th className="w-1/4 py-1 pe-3 font-normal">{say('screen.roster_import_dialog.to_be_changed')}</th>
                    <th className="py-1 font-normal">
                        {remove ? (
                            <span className="text-brick">{say('screen.roster_import_dialog.to_be_taken_away')}</span>
                        ) : (
                            say('screen.roster_import_dialog.not_in_the_file')
                        )}
                    </th>
                </tr>
            </thead>
            <tbody>
                {LISTS.map(({ list, label }) => (
                    <tr key={list} className="border-t border-line align-top">
                        <th scope="row" className="py-1 pe-3 font-medium">
                            {label}
                        </th>
                        {(['added', 'changed', 'missing'] as const).map((kind) => (
                            <td key={kind} className={`py-1 pe-3 ${kind === 'missing' && remove ? 'text-brick' : ''}`}>
                                <Names change={changes[list]} kind={kind} />
                            </td>
                        ))}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

const SHOWN = 12;

function Names({ change, kind }: { change: ListChanges; kind: keyof ListChanges }) {
    const names = change[kind];
    if (names.length === 0) return <span className="text-ink2">{say('screen.common.none')}</span>;
    if (names.length <= SHOWN) return names.join(', ');
    return (
        <details>
            <summary className="cursor-pointer">{names.length}</summary>
            {names.join(', ')}
        </details>
    );
}
