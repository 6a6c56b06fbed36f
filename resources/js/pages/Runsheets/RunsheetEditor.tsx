import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Head } from '@inertiajs/react';
import type {
    RunsheetEditorPageProps,
    SheetAbout,
    SheetChart,
    SheetDocument,
    SheetPreview,
} from '@props/Runsheets/RunsheetEditorPage';
import type { Fault } from '@props/Rules/RulebookPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { useState } from 'react';
import { useShortcuts } from '@/lib/keys';
import { keyAt, rowsOf } from '@/lib/runsheet';
import { blankSheet, isSheet, outlined, sheetToSend, sheetVocabulary } from '@/lib/sheetDocument';
import { useSheet, type SheetWork } from '@/lib/useSheet';
import { useSheetTrial, type TriedRun } from '@/lib/useSheetTrial';
import { useWritten, type WrittenWork } from '@/lib/useWritten';
import { say } from '@/lib/words';
import { RuleFaults } from '@/parts/rule/RuleFaults';
import { WordChoice } from '@/parts/rule/Word';
import { SheetRow } from '@/parts/runsheet/SheetRow';
import { TimeScale } from '@/parts/runsheet/TimeBar';
import { TrialHead } from '@/parts/runsheet/TrialLine';
import { type PlaceOfFault, Versions, WhatChanges } from '@/parts/written/WrittenAside';
import { type Asking, TopLine, WrittenDialogs } from '@/parts/written/WrittenHead';
import { Button } from '@/ui/Button';
import { Intro } from '@/parts/written/Intro';
import { NameEntry } from '@/parts/written/NameEntry';

type WrittenSheet = WrittenWork<SheetDocument, SheetPreview>;

const RUNSHEETS = { path: '/runsheets', reads: isSheet, toSend: sheetToSend };
const ABOUT: SheetAbout[] = ['task', 'case', 'house'];

/** Its name, what its runs are of, and whether there may be several. */
function Whole({ written, faults, isNew }: { written: WrittenSheet; faults: Fault[]; isNew: boolean }) {
    const { now: sheet, change } = written;
    return (
        <section className="box space-y-2 p-4" aria-label={say('runsheet.whole')}>
            <NameEntry
                value={sheet.name}
                isNew={isNew}
                onChange={(name) => change((before) => ({ ...before, name }), 'name')}
            />
            <p className="flex flex-wrap items-center gap-x-4 gap-y-1">
                <span>
                    {say('runsheet.started')}{' '}
                    <WordChoice
                        label={say('runsheet.started')}
                        value={sheet.about ?? 'task'}
                        options={ABOUT.map((about) => ({ value: about, label: say('runsheet.about', { about }) }))}
                        onChange={(about) => change((before) => ({ ...before, about: about as SheetAbout }))}
                    />
                </span>
                <label className="flex items-center gap-2">
                    <input
                        type="checkbox"
                        checked={sheet.several === true}
                        onChange={(event) => change((before) => ({ ...before, several: event.target.checked }))}
                    />
                    {say('runsheet.may_be_several')}
                </label>
            </p>
            <RuleFaults faults={faults} />
        </section>
    );
}

/** The outline, each step with its time or, in a run that is tried, its state. */
function Steps({
    sheet,
    work,
    vocabulary,
    faults,
    chart,
    tried,
}: {
    sheet: SheetDocument;
    work: SheetWork;
    vocabulary: Vocabulary;
    faults: Fault[];
    chart: SheetChart | null;
    tried: TriedRun | null;
}) {
    const sensors = useSensors(
        useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
        useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
    );
    // What is new has its key only when it is sent: steps are told by their place.
    const sent = rowsOf(sheetToSend(sheet).does).map((row) => row.block.key);
    const places = work.rows.map((row) => row.block.key);
    return (
        <DndContext
            sensors={sensors}
            collisionDetection={closestCenter}
            accessibility={{ screenReaderInstructions: { draggable: say('runsheet.moving') } }}
            onDragEnd={({ active, over }) => over !== null && work.deeds.drop(String(active.id), String(over.id))}
        >
            <SortableContext items={places} strategy={verticalListSortingStrategy}>
                <div className="box">
                    {chart !== null && tried === null && (
                        <div className="grid gap-x-3 px-2 pt-1 md:grid-cols-[1fr_230px]">
                            <span className="text-ink2">{say('runsheet.chart_means')}</span>
                            <TimeScale minutes={chart.minutes} />
                        </div>
                    )}
                    <ol aria-label={say('run.steps')}>
                        {work.rows.map((row, at) => (
                            <SheetRow
                                key={row.block.key}
                                row={row}
                                sent={sent[at] ?? ''}
                                work={work}
                                vocabulary={vocabulary}
                                faults={faults.filter((fault) => keyAt(sheet, fault.pointer) === row.block.key)}
                                bar={chart?.steps.find((one) => one.key === sent[at])}
                                minutes={chart?.minutes ?? -1}
                                tried={tried}
                                state={tried?.run?.steps.find((one) => one.key === sent[at])}
                            />
                        ))}
                    </ol>
                </div>
            </SortableContext>
        </DndContext>
    );
}

/** The chart as it was last, while what is written is not whole. */
function useChart(preview: SheetPreview | null): SheetChart | null {
    const [chart, setChart] = useState<SheetChart | null>(null);
    const latest = preview?.chart ?? null;
    if (latest !== null && latest !== chart) setChart(latest);
    return latest ?? chart;
}

/** A runsheet as leads write it: an outline with the time that it takes; beside it what publishing would change. */
export default function RunsheetEditor(page: RunsheetEditorPageProps) {
    const [begun] = useState(() => page.document ?? blankSheet());
    const written = useWritten<SheetDocument, SheetPreview>(
        { written: page.written, document: outlined(page.document ?? begun) },
        RUNSHEETS,
    );
    const { now: sheet, preview } = written;
    const vocabulary = sheetVocabulary(page.vocabulary, sheet);
    const work = useSheet(sheet, vocabulary, written.change);
    const chart = useChart(preview);
    const [asking, setAsking] = useState<Asking>(null);
    const [tries, setTries] = useState(false);
    const tried = useSheetTrial(sheet, tries);
    const faults = preview?.faults ?? [];
    const add = (): void => work.deeds.add(null);
    const placeOf: PlaceOfFault = (fault) => {
        const key = keyAt(sheet, fault.pointer);
        const block = work.rows.find((row) => row.block.key === key)?.block;
        return key === null || block?.does === undefined
            ? null
            : { name: block.name || say('runsheet.unnamed'), go: () => work.go(key) };
    };
    useShortcuts('page', say('keys.runsheet'), [{ key: 'n', does: say('keys.new_step'), run: add }]);
    const title = page.written === null ? say('runsheet.new_title') : say('runsheet.edit_title', { name: sheet.name });
    return (
        <>
            <Head title={page.written === null ? title : sheet.name} />
            <TopLine title={title} written={page.written} work={written} onAsk={setAsking}>
                <Button onClick={add}>{say('runsheet.add_step')}</Button>
                <Button aria-pressed={tries} onClick={() => setTries(!tries)}>
                    {say(tries ? 'runsheet.try_no_more' : 'runsheet.try')}
                </Button>
            </TopLine>
            <div className="mx-auto grid max-w-7xl gap-4 p-4 lg:grid-cols-[1fr_280px]">
                <div className="min-w-0 space-y-4">
                    <Intro
                        href="/runsheets"
                        all={say('runsheet.title')}
                        how={say('runsheet.how')}
                        taken={written.taken}
                    />
                    <Whole
                        isNew={page.written === null}
                        written={written}
                        faults={faults.filter((fault) => !fault.pointer.startsWith('/does'))}
                    />
                    {tried !== null && <TrialHead tried={tried} isOfNothing={sheet.about === 'house'} />}
                    <Steps
                        sheet={sheet}
                        work={work}
                        vocabulary={vocabulary}
                        faults={faults}
                        chart={chart}
                        tried={tried}
                    />
                </div>
                <aside className="space-y-4" aria-label={say('written.beside')}>
                    <WhatChanges preview={preview} placeOf={placeOf} />
                    <Versions<SheetDocument>
                        path={RUNSHEETS.path}
                        written={page.written}
                        versions={page.versions}
                        onTakeUp={(document) => written.change(() => outlined(document))}
                    />
                </aside>
            </div>
            <WrittenDialogs
                work={written}
                asking={asking}
                says={{
                    publish: say('runsheet.publish_title', { name: sheet.name }),
                    publishMeans: say('runsheet.publish_means'),
                    discardMeans: say('runsheet.discard_means'),
                }}
                onAsk={setAsking}
            />
        </>
    );
}
