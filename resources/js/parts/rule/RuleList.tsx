import {
    closestCenter,
    DndContext,
    KeyboardSensor,
    PointerSensor,
    useSensor,
    useSensors,
    type Announcements,
    type UniqueIdentifier,
} from '@dnd-kit/core';
import {
    arrayMove,
    SortableContext,
    sortableKeyboardCoordinates,
    verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import type { Finding } from '@props/Rules/FindingsView';
import type { Fault, Rule, Strip } from '@props/Rules/RulebookPage';
import type { RuleTrial } from '@props/Rules/RuleTrial';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, type ReactNode, type RefObject } from 'react';
import { faultsByRule, Stub, type Entry } from '@/lib/rules';
import type { Draft } from '@/lib/useDraft';
import type { Writer } from '@/lib/useWriters';
import { say } from '@/lib/words';
import { shares, StripPiece, takesArrivals, type Share } from './CoverageStrip';
import { RuleRow, type RowActions } from './RuleRow';

type Props = {
    draft: Draft;
    strip: Strip | null;
    /** whether all of the recent work has been looked at */
    whole: boolean;
    findings: Map<string, Finding[]>;
    trial: RuleTrial | null;
    /** ids of those that are looked for; null: all */
    shown: Set<string> | null;
    days: number;
    vocabulary: Vocabulary;
    open: string | null;
    /** who else writes the rulebook */
    others: Writer[];
    mayWrite: boolean;
    actions: RowActions;
    scroller: RefObject<HTMLElement | null>;
    /** the rule of which the first word that is to be chosen is gone to; null: none */
    wanted: string | null;
    onReached: () => void;
};

/** Why a rule takes nothing, as far as its place says it. */
function deadNote(
    rule: Rule,
    acts: number | undefined,
    before: number | undefined,
    total: number,
    days: number,
): string | null {
    if (!takesArrivals(rule) || rule.active === false || acts !== 0) return null;
    // Where nothing has come at all, nothing is known of any rule.
    return say(total === 0 ? 'strip.no_work' : before === 0 ? 'strip.not_reached' : 'strip.takes_none', { days });
}

/** What somebody hears who moves a rule without seeing it. */
export function announcementsOf(rules: { id: string; name: string }[]): Announcements {
    const placeOf = (id: UniqueIdentifier): number => rules.findIndex((rule) => rule.id === id) + 1;
    const tell = (
        what: 'taken' | 'over' | 'put' | 'left',
        active: { id: UniqueIdentifier },
        over: { id: UniqueIdentifier } | null,
    ): string => {
        const place = placeOf(active.id);
        return say(`rulebook.moving.${what}`, {
            name: rules[place - 1]?.name ?? '',
            place,
            to: over === null ? place : placeOf(over.id),
            count: rules.length,
        });
    };
    return {
        onDragStart: ({ active }) => tell('taken', active, null),
        onDragOver: ({ active, over }) => tell('over', active, over),
        onDragEnd: ({ active, over }) => tell(over === null || over.id === active.id ? 'left' : 'put', active, over),
        onDragCancel: ({ active }) => tell('left', active, null),
    };
}

/** In the place of a rule whose text is on its way. */
function Coming({ place, strip }: { place: number; strip: ReactNode }) {
    return (
        <div className="flex min-h-18 border-t border-line bg-paper" aria-busy="true">
            {strip}
            <p className="flex-1 border-s border-line px-3 py-2 text-ink2">
                <span className="inline-block min-w-6 text-end">{place}</span> …
            </p>
        </div>
    );
}

/** Rules in view of which the text is not here yet are fetched. */
export function useFetched({ rules, find, want }: Draft, places: number[]): void {
    useEffect(() => {
        const missing = places
            .map((place) => rules[place])
            .filter((one): one is Stub => one instanceof Stub && find(one) === null);
        if (missing.length > 0) want(missing);
    });
}

function moveOver(draft: Draft, moved: UniqueIdentifier, over: UniqueIdentifier): void {
    if (moved === over) return;
    const at = (rules: Entry[], id: UniqueIdentifier): number => rules.findIndex((one) => one.id === id);
    draft.change((before) => arrayMove(before, at(before, moved), at(before, over)));
}

/** Scrolls to the rule that is wanted; once it is drawn, the first word that is to be chosen has the focus. */
function useReached(
    wanted: string | null,
    rules: Entry[],
    scrollTo: (index: number) => void,
    onReached: () => void,
): void {
    useEffect(() => {
        if (wanted !== null) scrollTo(rules.findIndex((one) => one.id === wanted));
        // eslint-disable-next-line react-hooks/exhaustive-deps -- scrolls once for each that is wanted
    }, [wanted]);
    useEffect(() => {
        if (wanted === null) return;
        const entries = ":is([data-blank='true'], [aria-invalid='true'], .entry:not([data-aside]))";
        const words = `[data-rule="${CSS.escape(wanted)}"] ${entries}`;
        const [name, ...rest] = document.querySelectorAll<HTMLElement>(words);
        if (name === undefined) return;
        (name instanceof HTMLInputElement && name.value !== '' ? (rest[0] ?? name) : name).focus();
        onReached();
    });
}

type ListedProps = {
    list: Props;
    entry: Entry;
    index: number;
    /** what it takes of the recent work */
    own: Share | undefined;
    faults: Fault[];
};

/** One rule of the list. */
function Listed({ list, entry, index, own, faults }: ListedProps) {
    const { draft, strip, whole, findings, trial, days, vocabulary, open, others, mayWrite, actions } = list;
    const rule = draft.find(entry);
    const total = strip?.total ?? 0;
    const piece = <StripPiece share={own} total={total} rule={rule} />;
    if (rule === null) return <Coming place={index + 1} strip={piece} />;
    const found = (faults.length === 0 ? findings.get(rule.id) : null) ?? [];
    const note =
        faults.length > 0 || found.length > 0 || !whole ? null : deadNote(rule, own?.acts, own?.before, total, days);
    return (
        <RuleRow
            rule={rule}
            place={index + 1}
            last={index === draft.rules.length - 1}
            vocabulary={vocabulary}
            open={open === rule.id}
            mayWrite={mayWrite}
            faults={faults}
            findings={found}
            trial={open === rule.id ? trial : null}
            note={note}
            here={others.filter((one) => one.rule === rule.id).map(({ name }) => name)}
            strip={piece}
            actions={actions}
        />
    );
}

/** The rules in order; of thousands only those that are in view are drawn, and fetched. */
export function RuleList(props: Props) {
    const { draft, strip, shown, scroller, wanted, onReached } = props;
    const places = draft.rules.flatMap((one, place) => (shown === null || shown.has(one.id) ? [place] : []));
    const { rules, find } = draft;
    const sensors = useSensors(
        useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
        useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
    );
    // eslint-disable-next-line react-hooks/incompatible-library -- what it returns is used in this component alone
    const rows = useVirtualizer({
        count: places.length,
        getScrollElement: () => scroller.current,
        estimateSize: () => 72,
        getItemKey: (index) => rules[places[index] ?? -1]?.id ?? index,
        overscan: 12,
    });
    useReached(wanted, rules, (place) => rows.scrollToIndex(places.indexOf(place), { align: 'start' }), onReached);
    const share = strip === null ? null : shares(rules, strip);
    const faultsOf = faultsByRule(draft.faults ?? []);
    const drawn = rows.getVirtualItems();
    useFetched(
        draft,
        drawn.map((item) => places[item.index] ?? -1),
    );
    return (
        <DndContext
            sensors={sensors}
            collisionDetection={closestCenter}
            accessibility={{
                announcements: announcementsOf(rules.map((one) => ({ id: one.id, name: find(one)?.name ?? '' }))),
                screenReaderInstructions: { draggable: say('rulebook.moving.how') },
            }}
            onDragEnd={({ active, over }) => moveOver(draft, active.id, over?.id ?? active.id)}
        >
            <SortableContext items={rules.map((rule) => rule.id)} strategy={verticalListSortingStrategy}>
                <ol
                    aria-label={say('screen.rule_list.rules')}
                    className="relative"
                    style={{ height: rows.getTotalSize() }}
                >
                    {drawn.map((item) => {
                        const place = places[item.index] ?? -1;
                        const rule = rules[place];
                        return (
                            rule !== undefined && (
                                <li
                                    key={item.key}
                                    ref={rows.measureElement}
                                    data-index={item.index}
                                    aria-setsize={rules.length}
                                    aria-posinset={place + 1}
                                    className="absolute top-0 start-0 w-full"
                                    style={{ transform: `translateY(${item.start}px)` }}
                                >
                                    <Listed
                                        list={props}
                                        entry={rule}
                                        index={place}
                                        own={share?.get(rule.id)}
                                        faults={faultsOf.get(place) ?? []}
                                    />
                                </li>
                            )
                        );
                    })}
                </ol>
            </SortableContext>
        </DndContext>
    );
}
