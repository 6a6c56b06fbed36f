import { arrayMove } from '@dnd-kit/sortable';
import { Head } from '@inertiajs/react';
import type { Rule } from '@props/Rules/RulebookPage';
import type { RuleTablePageProps } from '@props/Rules/RuleTablePage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { useRef, useState } from 'react';
import { proposedName } from '@/lib/describe';
import { remedied } from '@/lib/pointed';
import { varying } from '@/lib/ruleTable';
import { useCoverage } from '@/lib/useCoverage';
import { useDraft, type Draft } from '@/lib/useDraft';
import { useFindings } from '@/lib/useFindings';
import { useWriters } from '@/lib/useWriters';
import { say } from '@/lib/words';
import { AlsoHere, SavedState, UndoRedo } from '@/parts/rule/RulebookHeader';
import { useFetched } from '@/parts/rule/RuleList';
import { RuleSentence } from '@/parts/rule/RuleSentence';
import { newRuleId } from '@/parts/rule/RuleEditor';
import { FromSpreadsheet } from '@/parts/ruletable/FromSpreadsheet';
import { RuleTableRows, type TableRowActions } from '@/parts/ruletable/RuleTableRows';
import { Button } from '@/ui/Button';

function Tools({
    draft,
    rule,
    onAdd,
    onPaste,
}: {
    draft: Draft;
    rule: string;
    onAdd: () => void;
    onPaste: () => void;
}) {
    return (
        <span className="ms-auto flex flex-wrap items-center gap-2">
            <UndoRedo draft={draft} />
            <a
                className="text-sky underline"
                href={`/rulebook/table/export?${new URLSearchParams({ rule }).toString()}`}
            >
                {say('customer.export')}
            </a>
            <Button onClick={onPaste}>{say('screen.rule_table.paste')}</Button>
            <Button onClick={onAdd}>{say('screen.rule_table.add')}</Button>
            <a className="text-sky underline" href="/rulebook">
                {say('screen.rule_table.back')}
            </a>
        </span>
    );
}

/** What all of the rules have in common, and how many of their like are elsewhere. */
function Above({
    first,
    vocabulary,
    isWhole,
    onWhole,
    elsewhere,
    onBring,
}: {
    first: Rule | undefined;
    vocabulary: Vocabulary;
    isWhole: boolean;
    onWhole: (whole: boolean) => void;
    elsewhere: number;
    onBring: () => void;
}) {
    return (
        <div className="border-b border-line px-4 py-2">
            {first !== undefined && <RuleSentence rule={first} vocabulary={vocabulary} />}
            <label className="mt-1 flex items-center gap-2 text-ink2">
                <input type="checkbox" checked={isWhole} onChange={(event) => onWhole(event.target.checked)} />
                {say('screen.rule_table.whole')}
            </label>
            {elsewhere > 0 && (
                <p className="text-ink2">
                    {say('screen.rule_table.elsewhere', { count: elsewhere })}{' '}
                    <Button look="quiet" className="min-h-6" onClick={onBring}>
                        {say('screen.rule_table.bring')}
                    </Button>
                </p>
            )}
        </div>
    );
}

/** Rules that differ in values alone, as a table: edited in place, pasted, exported; they stay what they are. */
export default function RuleTable(page: RuleTablePageProps) {
    const { vocabulary, recentDays } = page;
    // What it was opened with: the rule by which it was asked for may be gone by now.
    const [table] = useState(page.table);
    const draft = useDraft(page);
    const coverage = useCoverage(draft.faults === null ? null : draft.revision);
    const findings = useFindings(draft.revision, coverage?.finished === true);
    const [own, setOwn] = useState(() => new Set(table.ids));
    const [pasting, setPasting] = useState(false);
    const [isWhole, setWhole] = useState(false);
    const [at, setAt] = useState<string | null>(null);
    const others = useWriters(at);
    const scroller = useRef<HTMLDivElement>(null);

    useFetched(
        draft,
        draft.rules.flatMap(({ id }, place) => (own.has(id) || table.elsewhere.includes(id) ? [place] : [])),
    );
    const rows = draft.rules.flatMap((entry) => (own.has(entry.id) ? (draft.find(entry) ?? []) : []));
    const elsewhere = draft.rules.flatMap((entry) =>
        table.elsewhere.includes(entry.id) && !own.has(entry.id) ? (draft.find(entry) ?? []) : [],
    );
    const columns = isWhole ? table.columns : varying(rows, table.columns);
    const last = rows.at(-1);
    const made = (rule: Rule, name: string | null): Rule => {
        const fresh = { ...structuredClone(rule), id: newRuleId() };
        return { ...fresh, name: name ?? proposedName(fresh, vocabulary) };
    };
    /** The rows in the place of those that there were. */
    const put = (next: Rule[]): void => {
        const theirs = new Set([...own, ...next.map(({ id }) => id)]);
        setOwn(theirs);
        draft.change((rules) => {
            const first = rules.findIndex(({ id }) => own.has(id));
            const rest = rules.filter(({ id }) => !theirs.has(id));
            const before = first < 0 ? rest.length : rules.slice(0, first).filter(({ id }) => !theirs.has(id)).length;
            return [...rest.slice(0, before), ...next, ...rest.slice(before)];
        });
    };
    const change = (rule: Rule): void => draft.change((rules) => rules.map((one) => (one.id === rule.id ? rule : one)));
    const actions: TableRowActions = {
        change,
        move: (id, by) => {
            const from = rows.findIndex((one) => one.id === id);
            put(arrayMove(rows, from, Math.min(Math.max(from + by, 0), rows.length - 1)));
        },
        copy: (rule) => put(rows.flatMap((one) => (one.id === rule.id ? [one, made(rule, null)] : [one]))),
        remove: (id) => put(rows.filter((one) => one.id !== id)),
        mend: (rule, press) => {
            if (press.kind === 'take_out_rule') put(rows.filter((one) => one.id !== rule.id));
            else change(remedied(rule, press));
        },
        setAside: findings.setAside,
    };
    return (
        <div className="flex h-full flex-col bg-paper">
            <Head title={say('screen.rule_table.title')} />
            <header className="flex flex-wrap items-center gap-3 border-b border-line bg-chalk px-4 py-2">
                <h1 className="text-lg">{say('screen.rule_table.of', { count: rows.length })}</h1>
                <SavedState saving={draft.saving} theirs={draft.theirs} />
                <AlsoHere others={others} />
                <Tools
                    draft={draft}
                    rule={table.rule}
                    onAdd={() => last !== undefined && put([...rows, made(last, null)])}
                    onPaste={() => setPasting(true)}
                />
            </header>
            <Above
                first={rows[0]}
                vocabulary={vocabulary}
                isWhole={isWhole}
                onWhole={setWhole}
                elsewhere={elsewhere.length}
                onBring={() => put([...rows, ...elsewhere])}
            />
            <div ref={scroller} className="min-h-0 flex-1 overflow-auto">
                {rows.length === 0 ? (
                    <p className="p-4">{say('screen.rule_table.none')}</p>
                ) : (
                    <RuleTableRows
                        {...{ rows, columns, vocabulary, findings, actions, others, scroller }}
                        onAt={setAt}
                        strip={coverage?.strip ?? null}
                        days={recentDays}
                    />
                )}
            </div>
            {pasting && (
                <FromSpreadsheet
                    rows={rows}
                    columns={table.columns}
                    made={made}
                    onTake={put}
                    onClose={() => setPasting(false)}
                />
            )}
        </div>
    );
}
