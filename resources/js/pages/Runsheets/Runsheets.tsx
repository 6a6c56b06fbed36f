import { Head, Link, router } from '@inertiajs/react';
import type { RunsheetsPageProps, SheetView } from '@props/Runsheets/RunsheetsPage';
import { useRef, useState } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { MoveRuns } from '@/parts/runsheet/MoveRuns';
import { Outline } from '@/parts/runsheet/Outline';
import { Button } from '@/ui/Button';

/** What becomes of a draft. */
function Draft({ sheet }: { sheet: SheetView }) {
    const { busy, faults, send } = useSending();
    const tell = (what: string): void =>
        void send(async () => {
            await ask('POST', `/runsheets/${sheet.slug}/${what}`, JSON.stringify({ revision: sheet.revision }));
        }).then(() => router.reload());
    return (
        <div className="border-s-2 border-ochre ps-3">
            <div className="flex flex-wrap items-center gap-3">
                <span className="min-w-0 flex-1">{say('runsheet.draft')}</span>
                <Button disabled={busy} onClick={() => tell('discard')}>
                    {say('runsheet.discard')}
                </Button>
                <Button look="main" disabled={busy} onClick={() => tell('publish')}>
                    {say('runsheet.publish')}
                </Button>
            </div>
            <FaultList faults={faults} />
        </div>
    );
}

function SheetBox({ sheet }: { sheet: SheetView }) {
    const formats = useFormats();
    const [moves, setMoves] = useState(false);
    return (
        <section aria-label={sheet.name} className="box space-y-2 p-4">
            <header className="flex flex-wrap items-baseline gap-3">
                <h2 className="font-semibold">{sheet.name}</h2>
                <span className="min-w-0 flex-1 text-ink2">
                    {say('runsheet.about', { about: sheet.about })} ·{' '}
                    {sheet.published === null
                        ? say('runsheet.never')
                        : say('runsheet.published', {
                              moment: formats.moment(sheet.published.at),
                              by: sheet.published.by ?? 'none',
                              number: sheet.published.number,
                          })}{' '}
                    · {say('runsheet.running', { count: sheet.running })}
                    {sheet.several && ` · ${say('runsheet.several')}`}
                </span>
                <Link href={`/runsheets/${sheet.slug}/edit`} className="text-sky underline">
                    {say('runsheet.edit')}
                </Link>
                <a href={`/runsheets/${sheet.slug}/export`} className="text-sky underline">
                    {say('runsheet.export')}
                </a>
            </header>
            {sheet.behind > 0 && (
                <Button look="quiet" onClick={() => setMoves(true)}>
                    {say('runsheet.behind', { count: sheet.behind })}
                </Button>
            )}
            {moves && <MoveRuns sheet={sheet} onLeave={() => setMoves(false)} />}
            {sheet.hasDraft && <Draft sheet={sheet} />}
            <Outline lines={sheet.lines} label={say('runsheet.steps_of', { runsheet: sheet.name })} />
        </section>
    );
}

/** The runsheets of the house: as they are published, or as their drafts would have them. */
export default function Runsheets({ runsheets }: RunsheetsPageProps) {
    const file = useRef<HTMLInputElement>(null);
    const { busy, faults, send } = useSending();
    const takeIn = (chosen: File): void =>
        void send(async () => {
            await ask('POST', '/runsheets', await chosen.text());
        }).then((done) => done && router.reload());
    return (
        <>
            <Head title={say('runsheet.title')} />
            <div className="mx-auto max-w-5xl space-y-4 p-4">
                <header className="flex flex-wrap items-center gap-3">
                    <div className="min-w-0 flex-1">
                        <h1 className="text-lg">{say('runsheet.title')}</h1>
                        <p className="text-ink2">{say('runsheet.means')}</p>
                    </div>
                    <Link href="/runs" className="text-sky underline">
                        {say('run.all')}
                    </Link>
                    <input
                        ref={file}
                        type="file"
                        className="sr-only"
                        tabIndex={-1}
                        aria-label={say('runsheet.take_in')}
                        accept=".json,application/json"
                        onChange={(event) => {
                            const chosen = event.target.files?.[0];
                            if (chosen !== undefined) takeIn(chosen);
                            event.target.value = '';
                        }}
                    />
                    <Button disabled={busy} onClick={() => file.current?.click()}>
                        {say('runsheet.take_in')}
                    </Button>
                    <Button look="main" onClick={() => router.visit('/runsheets/new')}>
                        {say('runsheet.write')}
                    </Button>
                </header>
                <FaultList faults={faults} />
                {runsheets.length === 0 && <p className="box p-5">{say('runsheet.none')}</p>}
                {runsheets.map((sheet) => (
                    <SheetBox key={sheet.slug} sheet={sheet} />
                ))}
            </div>
        </>
    );
}
