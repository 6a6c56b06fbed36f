import type { Fault } from '@props/Rules/RulebookPage';
import type { Written, WrittenVersion } from '@props/WrittenVersions';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { faultsOf } from '@/lib/faults';
import { useFormats } from '@/lib/format';
import type { WrittenPreview } from '@/lib/useWritten';
import { hasWords, say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Button } from '@/ui/Button';

const MOST_FAULTS = 12;

/** Where a fault is: what the place is called, and the way to it; null: in all of it. */
export type PlaceOfFault = (fault: Fault) => { name: string; go: () => void } | null;

/** What is wrong, or which part of it is still to be chosen. */
export function saysFault({ unfinished, member, reason }: Fault): string {
    const label = `parameter.${member}.label`;
    return unfinished && hasWords(label) ? say('written.to_choose', { what: say(label) }) : reason;
}

/** What stands against publishing, each with the way to its place. */
function Against({ faults, placeOf }: { faults: Fault[]; placeOf: PlaceOfFault }) {
    return (
        <>
            <p className="text-ochre">{say('written.not_yet', { count: faults.length })}</p>
            <ul className="mt-1 space-y-1">
                {faults.slice(0, MOST_FAULTS).map((fault) => {
                    const place = placeOf(fault);
                    return (
                        <li key={fault.pointer + fault.reason} className="break-words">
                            {place !== null && (
                                <Button look="quiet" className="min-h-6 whitespace-normal" onClick={place.go}>
                                    {place.name}
                                </Button>
                            )}
                            <span className={fault.unfinished ? 'text-ochre' : 'text-brick'}>{saysFault(fault)}</span>
                        </li>
                    );
                })}
            </ul>
        </>
    );
}

/** What publishing would change, sentence by sentence. */
export function Differences({ preview }: { preview: WrittenPreview | null }) {
    const differences = preview?.differences ?? null;
    if (differences === null) return <p className="text-ink2">…</p>;
    if (differences.length === 0) return <p className="text-ink2">{say('written.no_differences')}</p>;
    return (
        <ul className="space-y-1.5">
            {differences.map((one, index) => (
                <li key={index} className="break-words">
                    {one.text}
                </li>
            ))}
        </ul>
    );
}

/** What is otherwise than in force, or what stands against it. */
export function WhatChanges({ preview, placeOf }: { preview: WrittenPreview | null; placeOf: PlaceOfFault }) {
    const faults = preview?.faults ?? [];
    return (
        <section className="box p-4" aria-label={say('written.differences')} aria-live="polite">
            <h2 className="mb-1 font-semibold">{say('written.differences')}</h2>
            {faults.length > 0 ? <Against faults={faults} placeOf={placeOf} /> : <Differences preview={preview} />}
        </section>
    );
}

/** The versions there were, each to be taken up again. */
export function Versions<T>({
    path,
    written,
    versions,
    onTakeUp,
}: {
    /** under which they are, such as /tracks */
    path: string;
    written: Written;
    versions: WrittenVersion[];
    onTakeUp: (document: T) => void;
}) {
    const formats = useFormats();
    const [faults, setFaults] = useState<string[]>([]);
    const takeUp = (number: number): void => {
        setFaults([]);
        ask<{ document: T }>('GET', `${path}/${written?.slug}/versions/${number}`)
            .then(({ document }) => onTakeUp(document))
            .catch((error: unknown) => setFaults(faultsOf(error)));
    };
    if (versions.length === 0) return null;
    return (
        <section className="box p-4" aria-label={say('written.versions')}>
            <h2 className="mb-1 font-semibold">{say('written.versions')}</h2>
            <ul>
                {versions.map((one) => (
                    <li key={one.number} className="flex flex-wrap items-baseline gap-x-2 py-0.5">
                        <span className="min-w-0 flex-1">
                            <strong>{say('screen.versions.version', { number: one.number })}</strong>{' '}
                            <span className="text-ink2">
                                {formats.moment(one.at)}
                                {one.by !== null && ` · ${one.by}`}
                            </span>
                        </span>
                        {one.number === written?.published ? (
                            <span className="text-pine">{say('written.in_force')}</span>
                        ) : (
                            <Button
                                look="quiet"
                                className="min-h-6"
                                aria-label={say('written.take_up_of', { number: one.number })}
                                onClick={() => takeUp(one.number)}
                            >
                                {say('written.take_up')}
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
            <FaultList faults={faults} />
        </section>
    );
}
