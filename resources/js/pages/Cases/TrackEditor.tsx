import { arrayMove } from '@dnd-kit/sortable';
import { Head } from '@inertiajs/react';
import type { TrackDocument, TrackEditorPageProps, TrackPreview } from '@props/Cases/TrackEditorPage';
import type { Fault } from '@props/Rules/RulebookPage';
import { useState } from 'react';
import { asked } from '@/lib/about';
import { useShortcuts } from '@/lib/keys';
import { blankTrack, isTrack, placeOfFault, toSend, withStage } from '@/lib/track';
import { useWritten, type WrittenWork } from '@/lib/useWritten';
import { say } from '@/lib/words';
import { RuleFaults } from '@/parts/rule/RuleFaults';
import { Outcomes } from '@/parts/track/Outcomes';
import { StageRow } from '@/parts/track/StageRow';
import { type PlaceOfFault, Versions, WhatChanges } from '@/parts/written/WrittenAside';
import { type Asking, TopLine, WrittenDialogs } from '@/parts/written/WrittenHead';
import { Button } from '@/ui/Button';
import { Intro } from '@/parts/written/Intro';
import { NameEntry } from '@/parts/written/NameEntry';

type WrittenTrack = WrittenWork<TrackDocument, TrackPreview>;

const TRACKS = { path: '/tracks', reads: isTrack, toSend };

/** Its name, and what holds for all of it. */
function Whole({ written, faults, isNew }: { written: WrittenTrack; faults: Fault[]; isNew: boolean }) {
    const { now: track, change } = written;
    return (
        <section className="box space-y-2 p-4" aria-label={say('track.whole')}>
            <NameEntry
                value={track.name}
                isNew={isNew}
                onChange={(name) => change((before) => ({ ...before, name }), 'name')}
            />
            <label className="flex items-center gap-2">
                <input
                    type="checkbox"
                    checked={track.owner_takes_tasks === true}
                    onChange={(event) => change((before) => ({ ...before, owner_takes_tasks: event.target.checked }))}
                />
                {say('track.takes')}
            </label>
            <RuleFaults faults={faults} />
        </section>
    );
}

const faultsAt = (faults: Fault[], here: (place: ReturnType<typeof placeOfFault>) => boolean): Fault[] =>
    faults.filter((fault) => here(placeOfFault(fault.pointer)));

/** The stages in order, one of them open. */
function Stages({
    page,
    written,
    open,
    onOpen,
}: {
    page: TrackEditorPageProps;
    written: WrittenTrack;
    open: number | null;
    onOpen: (place: number | null) => void;
}) {
    const { now: track, change, preview } = written;
    const { stages } = track;
    const vocabulary = asked(page.vocabulary, 'case');
    const put = (edit: (stages: TrackDocument['stages']) => TrackDocument['stages'], what?: string): void =>
        change((before) => ({ ...before, stages: edit(before.stages) }), what);
    const move = (from: number, by: number): void => {
        const to = Math.min(Math.max(from + by, 0), stages.length - 1);
        put((before) => arrayMove(before, from, to));
        if (open !== null) onOpen(open === from ? to : open === to ? from : open);
    };
    return (
        <ol className="box" aria-label={say('track.stages')}>
            {stages.map((stage, place) => (
                <StageRow
                    key={stage.key}
                    stage={stage}
                    place={place + 1}
                    last={place === stages.length - 1}
                    open={open === place}
                    wanted={open === place && stage.name === '' && place > 0}
                    cases={page.open[stage.key] ?? 0}
                    known={page.kept?.stages.some((one) => one.key === stage.key) === true}
                    faults={faultsAt(preview?.faults ?? [], (at) => typeof at === 'object' && at.stage === place)}
                    vocabulary={vocabulary}
                    guides={page.guides}
                    onOpen={(shown) => onOpen(shown ? place : null)}
                    onChange={(next, what) =>
                        put((before) => before.map((one, at) => (at === place ? next : one)), what)
                    }
                    onMove={(by) => move(place, by)}
                    onTakeOut={() => {
                        put((before) => before.filter((_, at) => at !== place));
                        onOpen(null);
                    }}
                />
            ))}
        </ol>
    );
}

/** A track as leads write it: its stages, what they ask, who moves them; beside it what publishing would change. */
export default function TrackEditor(page: TrackEditorPageProps) {
    const written = useWritten<TrackDocument, TrackPreview>(
        { written: page.written, document: page.document ?? blankTrack() },
        TRACKS,
    );
    const { now: track } = written;
    const [asking, setAsking] = useState<Asking>(null);
    const [open, setOpen] = useState<number | null>(page.written === null ? 0 : null);
    const faults = written.preview?.faults ?? [];
    const add = (): void => {
        written.change(withStage);
        setOpen(track.stages.length);
    };
    const placeOf: PlaceOfFault = (fault) => {
        const place = placeOfFault(fault.pointer);
        return typeof place === 'object'
            ? {
                  name: track.stages[place.stage]?.name || say('track.unnamed'),
                  go: () => setOpen(place.stage),
              }
            : null;
    };
    useShortcuts('page', say('keys.track'), [{ key: 'n', does: say('keys.new_stage'), run: add }]);
    const title = page.written === null ? say('track.new_title') : say('track.edit_title', { name: track.name });
    return (
        <>
            <Head title={page.written === null ? title : track.name} />
            <TopLine title={title} written={page.written} work={written} onAsk={setAsking}>
                <Button onClick={add}>{say('track.add_stage')}</Button>
            </TopLine>
            <div className="mx-auto grid max-w-6xl gap-4 p-4 lg:grid-cols-[1fr_320px]">
                <div className="min-w-0 space-y-4">
                    <Intro href="/tracks" all={say('track.title')} how={say('track.means')} taken={written.taken} />
                    <Whole
                        isNew={page.written === null}
                        written={written}
                        faults={faultsAt(faults, (at) => at === 'track')}
                    />
                    <Stages page={page} written={written} open={open} onOpen={setOpen} />
                    <Outcomes
                        track={track}
                        faults={faultsAt(faults, (at) => at === 'outcomes')}
                        onChange={written.change}
                    />
                </div>
                <aside className="space-y-4" aria-label={say('written.beside')}>
                    <WhatChanges preview={written.preview} placeOf={placeOf} />
                    <Versions<TrackDocument>
                        path={TRACKS.path}
                        written={page.written}
                        versions={page.versions}
                        onTakeUp={(document) => written.change(() => document)}
                    />
                </aside>
            </div>
            <WrittenDialogs
                work={written}
                asking={asking}
                says={{
                    publish: say('track.publish_title', { name: track.name }),
                    publishMeans: say('track.publish_means'),
                    discardMeans: say('track.discard_means'),
                }}
                onAsk={setAsking}
            />
        </>
    );
}
