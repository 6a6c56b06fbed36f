import { Head, Link, router } from '@inertiajs/react';
import type { TrackStage, TracksPageProps, TrackView } from '@props/Cases/TracksPage';
import { useRef } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { describeDuration } from '@/lib/parameters';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Button } from '@/ui/Button';

function Asked({ gates }: { gates: string[] }) {
    return gates.length === 0 ? (
        <span className="text-ink2">{say('track.nothing_asked')}</span>
    ) : (
        <ul>
            {gates.map((gate, index) => (
                <li key={index}>{gate}</li>
            ))}
        </ul>
    );
}

function Stages({ name, stages }: { name: string; stages: TrackStage[] }) {
    return (
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={`${say('track.stage')}, ${name}`}>
            <table className="w-full text-start">
                <thead className="text-xs text-ink2">
                    <tr>
                        {['stage', 'to_enter', 'to_leave', 'moved_by', 'target'].map((one) => (
                            <th key={one} scope="col" className="px-2 py-1 text-start font-medium">
                                {say(`track.${one}`)}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {stages.map((stage) => (
                        <tr key={stage.key} className="border-t border-line align-top">
                            <th scope="row" className="px-2 py-1 text-start font-medium">
                                {stage.name}
                                {stage.retired && <span className="text-ink2"> · {say('track.retired')}</span>}
                            </th>
                            <td className="px-2 py-1">
                                <Asked gates={stage.enter} />
                            </td>
                            <td className="px-2 py-1">
                                <Asked gates={stage.leave} />
                            </td>
                            <td className="px-2 py-1">{stage.movers}</td>
                            <td className="px-2 py-1 tabular-nums">
                                {stage.target === null ? say('track.no_target') : describeDuration(stage.target)}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}

function TrackBox({ track }: { track: TrackView }) {
    const formats = useFormats();
    return (
        <section aria-label={track.name} className="box space-y-2 p-4">
            <header className="flex flex-wrap items-baseline gap-3">
                <h2 className="font-semibold">{track.name}</h2>
                <span className="min-w-0 flex-1 text-ink2">
                    {track.published === null
                        ? say('track.never')
                        : say('track.published', {
                              moment: formats.moment(track.published.at),
                              by: track.published.by ?? 'none',
                              number: track.published.number,
                          })}{' '}
                    · {say('track.open', { count: track.open })}
                </span>
                <Link href={`/tracks/${track.slug}/edit`} className="text-sky underline">
                    {say('track.change')}
                </Link>
                <a href={`/tracks/${track.slug}/export`} className="text-sky underline">
                    {say('track.export')}
                </a>
            </header>
            {track.hasDraft && (
                <p className="border-s-2 border-ochre ps-3">
                    {say('track.draft')}{' '}
                    <Link href={`/tracks/${track.slug}/edit`} className="text-sky underline">
                        {say('track.look_at_draft')}
                    </Link>
                </p>
            )}
            <Stages name={track.name} stages={track.stages} />
            <p className="text-ink2">
                {say('track.outcomes')}: {track.outcomes.join(', ')}
                {track.ownerTakesTasks && ` · ${say('track.takes')}`}
            </p>
        </section>
    );
}

/** The tracks of the house: as they are published, or as their drafts would have them. */
export default function Tracks({ tracks }: TracksPageProps) {
    const file = useRef<HTMLInputElement>(null);
    const { busy, faults, send } = useSending();
    const takeIn = (chosen: File): void =>
        void send(async () => {
            await ask('POST', '/tracks', await chosen.text());
        }).then((done) => done && router.reload());
    return (
        <>
            <Head title={say('track.title')} />
            <div className="mx-auto max-w-6xl space-y-4 p-4">
                <header className="flex flex-wrap items-center gap-3">
                    <div className="min-w-0 flex-1">
                        <h1 className="text-lg">{say('track.title')}</h1>
                        <p className="text-ink2">{say('track.means')}</p>
                    </div>
                    <input
                        ref={file}
                        type="file"
                        className="sr-only"
                        tabIndex={-1}
                        aria-label={say('track.take_in')}
                        accept=".json,application/json"
                        onChange={(event) => {
                            const chosen = event.target.files?.[0];
                            if (chosen !== undefined) takeIn(chosen);
                            event.target.value = '';
                        }}
                    />
                    <Button disabled={busy} onClick={() => file.current?.click()}>
                        {say('track.take_in')}
                    </Button>
                    <Button look="main" onClick={() => router.visit('/tracks/new')}>
                        {say('track.new')}
                    </Button>
                </header>
                <FaultList faults={faults} />
                {tracks.length === 0 && <p className="box p-5">{say('track.none')}</p>}
                {tracks.map((track) => (
                    <TrackBox key={track.id} track={track} />
                ))}
            </div>
        </>
    );
}
