import { arrayMove } from '@dnd-kit/sortable';
import { Head } from '@inertiajs/react';
import type { Coverage, Rule, RulebookPageProps } from '@props/Rules/RulebookPage';
import { useRef, useState } from 'react';
import { useShortcuts } from '@/lib/keys';
import { faultsByRule } from '@/lib/rules';
import { useCoverage } from '@/lib/useCoverage';
import { remedied } from '@/lib/pointed';
import { useAsked } from '@/lib/useAsked';
import { useDraft, type Draft } from '@/lib/useDraft';
import { usePaste } from '@/lib/usePaste';
import { useFindings, type Findings } from '@/lib/useFindings';
import { useTrial } from '@/lib/useTrial';
import { useWriters } from '@/lib/useWriters';
import { say } from '@/lib/words';
import { Progress } from '@/parts/rule/Changes';
import { DiscardDialog } from '@/parts/rule/DiscardDialog';
import { PublishDialog } from '@/parts/rule/PublishDialog';
import { RulebookAside } from '@/parts/rule/RulebookAside';
import { RulebookHeader } from '@/parts/rule/RulebookHeader';
import { FindRules, PlannedNote, StripFoot, StripHead } from '@/parts/rule/RulebookLines';
import { blankRule, newRuleId } from '@/parts/rule/RuleEditor';
import { RuleList, useFetched } from '@/parts/rule/RuleList';
import type { RowActions } from '@/parts/rule/RuleRow';
import { SHOWN } from '@/parts/rule/Unfinished';

function actionsOn(draft: Draft, findings: Findings, open: (id: string | null) => void): RowActions {
    const mend: RowActions['mend'] = (rule, press) =>
        draft.change((rules) => {
            const from = rules.findIndex((one) => one.id === rule.id);
            const to = rules.findIndex((one) => one.id === press.at);
            if (press.kind === 'move_above') return to < 0 ? rules : arrayMove(rules, from, to);
            if (press.kind === 'take_out_rule') return rules.filter((one) => one.id !== rule.id);
            return rules.map((one) => (one.id === rule.id ? remedied(rule, press) : one));
        });
    return {
        mend,
        setAside: findings.setAside,
        change: (rule) => draft.change((rules) => rules.map((one) => (one.id === rule.id ? rule : one))),
        open,
        move: (id, by) =>
            draft.change((rules) => {
                const at = rules.findIndex((one) => one.id === id);
                return arrayMove(rules, at, Math.min(Math.max(at + by, 0), rules.length - 1));
            }),
        copy: (rule) =>
            draft.change((rules) =>
                rules.flatMap((one) =>
                    one.id === rule.id
                        ? [
                              one,
                              {
                                  ...structuredClone(rule),
                                  id: newRuleId(),
                                  name: say('screen.rulebook.copy', { name: rule.name }),
                              },
                          ]
                        : [one],
                ),
            ),
        remove: (id) => draft.change((rules) => rules.filter((one) => one.id !== id)),
    };
}

/** Ids of the rules that a text finds; null: none is looked for. */
function useShown(text: string, revision: number): Set<string> | null {
    const q = text.trim();
    const { answer } = useAsked<{ rules: string[] }>(
        q === '' ? null : `/rulebook/find?${new URLSearchParams({ q, of: String(revision) }).toString()}`,
    );
    return q === '' || answer === null ? null : new Set(answer.rules);
}

function titleOf(page: RulebookPageProps, draft: Draft): string {
    if (draft.isDraft) return say('screen.rulebook.draft_of', { number: (page.published?.number ?? 0) + 1 });
    return page.published === null
        ? say('screen.rulebook.none')
        : say('screen.rulebook.version', { number: page.published.number });
}

function nameAt({ rules, find }: Draft, index: number): string {
    const entry = rules[index];
    const name = entry === undefined ? '…' : (find(entry)?.name ?? '…');
    return name === '' ? say('screen.rule_row.a_rule_without_a') : name;
}

/** New rules come by a key, and by what is pasted. */
function useNewRules(mayWrite: boolean, add: (rules: Rule[]) => void): void {
    usePaste(mayWrite ? (pasted) => add(pasted.map((one) => ({ ...one, id: newRuleId() }))) : null);
    useShortcuts(
        'page',
        say('keys.rulebook'),
        mayWrite
            ? [
                  { key: 'n', does: say('keys.new_rule'), run: () => add([blankRule(newRuleId())]) },
                  { key: say('keys.space'), does: say('keys.move_rule') },
              ]
            : [],
    );
}

type Dialog = 'publish' | 'discard' | null;

function Dialogs({
    page,
    draft,
    coverage,
    dialog,
    setDialog,
    go,
    onDiscard,
}: {
    page: RulebookPageProps;
    draft: Draft;
    coverage: Coverage | null;
    dialog: Dialog;
    setDialog: (next: Dialog) => void;
    go: (id: string | null) => void;
    onDiscard: () => void;
}) {
    // Rules that stand against publishing are named, also those that were not in view yet.
    useFetched(draft, dialog === 'publish' ? [...faultsByRule(draft.faults ?? []).keys()].slice(0, SHOWN) : []);
    return (
        <>
            {draft.faults !== null && (
                <PublishDialog
                    coverage={coverage}
                    faults={draft.faults}
                    nameOf={(index) => nameAt(draft, index)}
                    onGo={(index) => go(draft.rules[index]?.id ?? null)}
                    revision={draft.revision}
                    next={(page.published?.number ?? 0) + 1}
                    days={page.recentDays}
                    vocabulary={page.vocabulary}
                    compared={
                        page.published === null || page.draft === null ? null : [page.published.id, page.draft.id]
                    }
                    open={dialog === 'publish'}
                    onOpenChange={(shown) => setDialog(shown ? 'publish' : null)}
                />
            )}
            <DiscardDialog
                revision={draft.revision}
                open={dialog === 'discard'}
                onOpenChange={(shown) => setDialog(shown ? 'discard' : null)}
                onDiscard={onDiscard}
            />
        </>
    );
}

export default function Rulebook(page: RulebookPageProps) {
    const { vocabulary, mayWrite, recentDays } = page;
    const draft = useDraft(page);
    const coverage = useCoverage(draft.faults === null ? null : draft.revision);
    const findings = useFindings(draft.revision, coverage?.finished === true);
    const [open, setOpen] = useState<string | null>(null);
    const [wanted, setWanted] = useState<string | null>(null);
    const [dialog, setDialog] = useState<Dialog>(null);
    const others = useWriters(mayWrite ? open : undefined);
    const trial = useTrial(mayWrite ? open : null, draft.revision);
    const [text, setText] = useState('');
    const shown = useShown(text, draft.revision);
    const scroller = useRef<HTMLDivElement>(null);
    const strip = coverage?.strip ?? null;

    const go = (id: string | null): void => {
        setDialog(null);
        setOpen(id);
        setWanted(id);
    };
    const add = (rules: Rule[]): void => {
        draft.change((before) => [...rules, ...before]);
        go(rules[0]?.id ?? null);
    };
    useNewRules(mayWrite, add);
    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_320px] xl:grid-cols-[minmax(0,1fr)_380px]">
            <Head title={say('screen.rulebook.rulebook')} />
            <div ref={scroller} className="overflow-auto">
                <RulebookHeader
                    title={titleOf(page, draft)}
                    draft={draft}
                    mayWrite={mayWrite}
                    others={others}
                    onAdd={() => add([blankRule(newRuleId())])}
                    onDiscard={() => setDialog('discard')}
                    onPublish={() => setDialog('publish')}
                />
                {page.planned !== null && <PlannedNote planned={page.planned} />}
                <StripHead strip={strip} days={recentDays}>
                    <FindRules
                        text={text}
                        found={shown === null ? null : shown.size}
                        all={draft.rules.length}
                        onText={setText}
                    />
                </StripHead>
                {shown?.size === 0 && <p className="p-4">{say('screen.rulebook.none_found')}</p>}
                {coverage !== null && !coverage.finished && (
                    <div className="border-b border-line bg-paper px-3 py-1">
                        <Progress coverage={coverage} />
                    </div>
                )}
                {draft.rules.length === 0 ? (
                    <p className="p-6">
                        {say('screen.rulebook.no_rule')} {mayWrite && say('screen.rulebook.begin')}
                    </p>
                ) : (
                    <RuleList
                        draft={draft}
                        strip={strip}
                        whole={coverage?.finished === true}
                        findings={findings.byRule}
                        trial={trial}
                        shown={shown}
                        days={recentDays}
                        vocabulary={vocabulary}
                        open={open}
                        others={others}
                        mayWrite={mayWrite}
                        actions={actionsOn(draft, findings, setOpen)}
                        scroller={scroller}
                        wanted={wanted}
                        onReached={() => setWanted(null)}
                    />
                )}
                <StripFoot strip={strip} />
            </div>
            <RulebookAside
                page={page}
                draft={draft}
                coverage={draft.faults === null ? null : coverage}
                findings={findings}
                onGo={go}
            />
            <Dialogs {...{ page, draft, coverage, dialog, setDialog, go }} onDiscard={() => setOpen(null)} />
        </div>
    );
}
