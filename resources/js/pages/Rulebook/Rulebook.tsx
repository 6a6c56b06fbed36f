import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { arrayMove, SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Head, router } from '@inertiajs/react';
import type { Rule, RulebookPageProps } from '@props/RulebookPage';
import { useState } from 'react';
import { newComparison } from '@/lib/criteria';
import { useFormats } from '@/lib/format';
import { useShortcuts } from '@/lib/keys';
import { useDraft, type Saving } from '@/lib/useDraft';
import { Changes } from '@/parts/rule/Changes';
import { shares, StripPiece } from '@/parts/rule/CatchStrip';
import { firstGive } from '@/parts/rule/GiveEditor';
import { ImportDialog } from '@/parts/rule/ImportDialog';
import { PublishDialog } from '@/parts/rule/PublishDialog';
import { RuleRow, type RowActions } from '@/parts/rule/RuleRow';
import { Versions } from '@/parts/rule/Versions';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';

function SavedState({ saving, theirs }: { saving: Saving; theirs: (() => void) | null }) {
    switch (saving.state) {
        case 'nothing to save':
            return null;
        case 'waiting':
        case 'saving':
            return <span className="text-ink2">Saving …</span>;
        case 'saved':
            return <span className="text-ink2">Draft saved</span>;
        case 'failed':
            return (
                <p className="basis-full">
                    <span className="font-semibold text-brick">Not saved: {saving.reason}</span>
                    {theirs !== null && (
                        <Button look="quiet" onClick={theirs}>
                            Look at theirs
                        </Button>
                    )}
                </p>
            );
    }
}

function newId(): string {
    return `rule-${crypto.randomUUID().slice(0, 8)}`;
}

/** Why a rule catches nothing, as far as its place says it. */
function deadNote(rule: Rule, taken: number | undefined, before: number | undefined, days: number): string | null {
    if (rule.give === undefined || rule.active === false || taken !== 0) return null;
    return before === 0 ? 'Nothing reaches this rule: those above take everything.' : `Took none of the work of the last ${days} days: either such work is rare, or an earlier rule takes it.`;
}

export default function Rulebook(page: RulebookPageProps) {
    const { vocabulary, published, versions, mayWrite, recentDays } = page;
    const formats = useFormats();
    const draft = useDraft(page);
    const [open, setOpen] = useState<string | null>(null);
    const [publishing, setPublishing] = useState(false);
    const [importing, setImporting] = useState(false);
    const [discarding, setDiscarding] = useState(false);
    const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }), useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }));
    const strip = draft.check?.strip ?? page.strip;
    const share = shares(draft.rules, strip);

    const add = (): void => {
        const rule: Rule = { id: newId(), name: 'New rule', active: true, when: ['task_arrives'], if: { all: [newComparison(vocabulary)] }, give: firstGive(vocabulary), then: [] };
        draft.change((rules) => [rule, ...rules]);
        setOpen(rule.id);
    };
    const actions: RowActions = {
        change: (rule) => draft.change((rules) => rules.map((one) => (one.id === rule.id ? rule : one))),
        open: setOpen,
        move: (id, by) =>
            draft.change((rules) => {
                const at = rules.findIndex((one) => one.id === id);
                return arrayMove(rules, at, Math.min(Math.max(at + by, 0), rules.length - 1));
            }),
        copy: (id) =>
            draft.change((rules) =>
                rules.flatMap((one) => (one.id === id ? [one, { ...structuredClone(one), id: newId(), name: `${one.name} (copy)` }] : [one])),
            ),
        remove: (id) => draft.change((rules) => rules.filter((one) => one.id !== id)),
    };
    useShortcuts(mayWrite ? [{ key: 'n', does: 'New rule', run: add }] : []);

    const faultsOf = (index: number): string[] => (draft.check?.faults ?? []).filter((fault) => fault.pointer.split('/')[2] === String(index)).map((fault) => fault.reason);

    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_320px] xl:grid-cols-[minmax(0,1fr)_380px]">
            <Head title="Rulebook" />
            <div className="overflow-auto">
                <header className="sticky top-0 z-30 flex flex-wrap items-center gap-3 border-b border-line bg-chalk px-4 py-2">
                    <h1 className="text-lg">{draft.isDraft ? `Draft of version ${(published?.number ?? 0) + 1}` : published === null ? 'No rulebook yet' : `Rulebook, version ${published.number}`}</h1>
                    <SavedState saving={draft.saving} theirs={draft.theirs} />
                    {mayWrite && (
                        <span className="ml-auto flex flex-wrap items-center gap-2">
                            <Button look="quiet" disabled={draft.undo === null} onClick={() => draft.undo?.()}>
                                Undo
                            </Button>
                            <Button look="quiet" disabled={draft.redo === null} onClick={() => draft.redo?.()}>
                                Redo
                            </Button>
                            <Button onClick={add}>New rule</Button>
                            {draft.isDraft && (
                                <>
                                    <Button look="grave" disabled={draft.check === null} onClick={() => setDiscarding(true)}>
                                        Discard
                                    </Button>
                                    <Button look="main" disabled={draft.check === null || draft.unsaved} onClick={() => setPublishing(true)}>
                                        Publish …
                                    </Button>
                                </>
                            )}
                        </span>
                    )}
                </header>
                <p className="flex items-baseline border-b border-line bg-paper text-xs text-ink2">
                    <span className="w-24 shrink-0 py-1 pl-1">
                        <strong className="text-ink">{strip.total}</strong> in {recentDays} days
                    </span>
                    <span className="border-l border-line px-3 py-1">Rules are asked from the top. The strip shows how much of the recent work reaches each, and how much it takes.</span>
                </p>
                {draft.rules.length === 0 ? (
                    <p className="p-6">There is no rule yet, so whatever arrives stays unplaced. {mayWrite && 'Begin with "New rule": say what arrives, and who should get it.'}</p>
                ) : (
                    <DndContext
                        sensors={sensors}
                        collisionDetection={closestCenter}
                        onDragEnd={({ active, over }) => {
                            if (over !== null && active.id !== over.id) {
                                draft.change((rules) => arrayMove(rules, rules.findIndex((one) => one.id === active.id), rules.findIndex((one) => one.id === over.id)));
                            }
                        }}
                    >
                        <SortableContext items={draft.rules.map((rule) => rule.id)} strategy={verticalListSortingStrategy}>
                            <ol aria-label="Rules">
                                {draft.rules.map((rule, index) => (
                                    <RuleRow
                                        key={rule.id}
                                        rule={rule}
                                        place={index + 1}
                                        last={index === draft.rules.length - 1}
                                        vocabulary={vocabulary}
                                        open={open === rule.id}
                                        mayWrite={mayWrite}
                                        faults={faultsOf(index)}
                                        note={deadNote(rule, share.get(rule.id)?.taken, share.get(rule.id)?.before, recentDays)}
                                        strip={<StripPiece share={share.get(rule.id)} total={strip.total} gives={rule.give !== undefined} active={rule.active !== false} />}
                                        actions={actions}
                                    />
                                ))}
                            </ol>
                        </SortableContext>
                    </DndContext>
                )}
                <p className="flex items-stretch border-t border-b border-line bg-paper">
                    <span className={`w-24 shrink-0 px-1 py-2 text-right text-xs ${strip.left > 0 ? 'font-semibold text-brick' : ''}`}>{strip.left}</span>
                    <span className="border-l border-line px-3 py-2 text-ink2">left that no rule takes: unplaced</span>
                </p>
            </div>
            <aside aria-label="About the rulebook" className="space-y-5 overflow-auto border-l border-line bg-paper p-4">
                {draft.isDraft && (
                    <section>
                        <h2 className="mb-1 text-base font-semibold">What would change</h2>
                        {draft.check === null ? <p className="text-ink2">It is looked at as soon as the draft is saved.</p> : <Changes check={draft.check} days={recentDays} />}
                        {page.draft !== null && page.draft.savedBy !== null && page.draft.savedAt !== null && (
                            <p className="mt-2 text-xs text-ink2">
                                Draft last saved by {page.draft.savedBy}, {formats.moment(page.draft.savedAt)}.
                            </p>
                        )}
                    </section>
                )}
                <section>
                    <h2 className="mb-1 text-base font-semibold">Versions</h2>
                    <Versions versions={versions} current={published?.id} vocabulary={vocabulary} onTakeUp={mayWrite ? (rules) => draft.change(() => rules) : null} />
                </section>
                <section>
                    <h2 className="mb-1 text-base font-semibold">As a file</h2>
                    <p className="flex items-baseline gap-3">
                        <a className="text-sky underline" href="/rulebook/export">
                            Export
                        </a>
                        {mayWrite && (
                            <Button look="quiet" className="min-h-6 font-normal" onClick={() => setImporting(true)}>
                                Import …
                            </Button>
                        )}
                    </p>
                </section>
            </aside>
            {draft.check !== null && <PublishDialog check={draft.check} revision={draft.revision} next={(published?.number ?? 0) + 1} days={recentDays} open={publishing} onOpenChange={setPublishing} />}
            <ImportDialog revision={draft.revision} isDraft={draft.isDraft} open={importing} onOpenChange={setImporting} />
            <Dialog open={discarding} onOpenChange={setDiscarding} title="Discard the draft?" description="The published version stays in force. The rules of the draft are kept in the audit trail, but not on this page.">
                <div className="flex justify-end gap-2">
                    <Button onClick={() => setDiscarding(false)}>Keep it</Button>
                    <Button
                        look="grave"
                        onClick={() => {
                            setDiscarding(false);
                            setOpen(null);
                            router.delete('/rulebook/draft', { data: { revision: draft.revision } });
                        }}
                    >
                        Discard
                    </Button>
                </div>
            </Dialog>
        </div>
    );
}
