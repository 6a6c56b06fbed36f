import type { TrackDocument, TrackEditorPageProps } from '@props/Cases/TrackEditorPage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { faultsOf } from '@/lib/faults';
import { useFormats } from '@/lib/format';
import { placeOfFault } from '@/lib/track';
import type { WrittenTrack } from '@/lib/useTrack';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Button } from '@/ui/Button';

const MOST_FAULTS = 12;

/** What stands against publishing, each with the way to its stage. */
function TrackFaults({ written, onGo }: { written: WrittenTrack; onGo: (place: number) => void }) {
    const faults = written.preview?.faults ?? [];
    const { stages } = written.track;
    return (
        <>
            <p className="text-ochre">{say('track.not_yet', { count: faults.length })}</p>
            <ul className="mt-1 space-y-1">
                {faults.slice(0, MOST_FAULTS).map((fault) => {
                    const place = placeOfFault(fault.pointer);
                    return (
                        <li key={fault.pointer + fault.reason} className="break-words">
                            {typeof place === 'object' && (
                                <Button
                                    look="quiet"
                                    className="min-h-6 whitespace-normal"
                                    onClick={() => onGo(place.stage)}
                                >
                                    {stages[place.stage]?.name || say('track.unnamed')}
                                </Button>
                            )}
                            <span className={fault.unfinished ? 'text-ochre' : 'text-brick'}>{fault.reason}</span>
                        </li>
                    );
                })}
            </ul>
        </>
    );
}

/** What publishing would change, sentence by sentence. */
export function TrackDifferences({ written }: { written: WrittenTrack }) {
    const differences = written.preview?.differences ?? null;
    if (differences === null) return <p className="text-ink2">…</p>;
    if (differences.length === 0) return <p className="text-ink2">{say('track.no_differences')}</p>;
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

type Props = {
    page: TrackEditorPageProps;
    written: WrittenTrack;
    onTakeUp: (document: TrackDocument) => void;
    onGo: (place: number) => void;
};

/** What is otherwise than in force, and the versions there were. */
export function TrackAside({ page, written, onTakeUp, onGo }: Props) {
    const formats = useFormats();
    const [faults, setFaults] = useState<string[]>([]);
    const takeUp = (number: number): void => {
        setFaults([]);
        ask<{ document: TrackDocument }>('GET', `/tracks/${page.track?.slug}/versions/${number}`)
            .then(({ document }) => onTakeUp(document))
            .catch((error: unknown) => setFaults(faultsOf(error)));
    };
    return (
        <aside className="space-y-4" aria-label={say('track.beside')}>
            <section className="box p-4" aria-label={say('track.differences')} aria-live="polite">
                <h2 className="mb-1 font-semibold">{say('track.differences')}</h2>
                {(written.preview?.faults.length ?? 0) > 0 ? (
                    <TrackFaults written={written} onGo={onGo} />
                ) : (
                    <TrackDifferences written={written} />
                )}
            </section>
            {page.versions.length > 0 && (
                <section className="box p-4" aria-label={say('track.versions')}>
                    <h2 className="mb-1 font-semibold">{say('track.versions')}</h2>
                    <ul>
                        {page.versions.map((one) => (
                            <li key={one.number} className="flex flex-wrap items-baseline gap-x-2 py-0.5">
                                <span className="min-w-0 flex-1">
                                    <strong>{say('screen.versions.version', { number: one.number })}</strong>{' '}
                                    <span className="text-ink2">
                                        {formats.moment(one.at)}
                                        {one.by !== null && ` · ${one.by}`}
                                    </span>
                                </span>
                                {one.number === page.track?.published ? (
                                    <span className="text-pine">{say('track.in_force')}</span>
                                ) : (
                                    <Button
                                        look="quiet"
                                        className="min-h-6"
                                        aria-label={say('track.take_up_of', { number: one.number })}
                                        onClick={() => takeUp(one.number)}
                                    >
                                        {say('track.take_up')}
                                    </Button>
                                )}
                            </li>
                        ))}
                    </ul>
                    <FaultList faults={faults} />
                </section>
            )}
        </aside>
    );
}
