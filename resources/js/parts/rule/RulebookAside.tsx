import type { Coverage, Rule, RulebookPageProps } from '@props/Rules/RulebookPage';
import type { RuleTableLine } from '@props/Rules/RuleTablePage';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import type { Draft } from '@/lib/useDraft';
import { useAsked } from '@/lib/useAsked';
import type { Findings } from '@/lib/useFindings';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Changes } from './Changes';
import { FindingList } from './FindingList';
import { ImportDialog } from './ImportDialog';
import { Versions } from './Versions';

type Props = {
    page: RulebookPageProps;
    draft: Draft;
    coverage: Coverage | null;
    findings: Findings;
    onGo: (id: string) => void;
};

/** Rules that stand together and differ in values alone. */
function Tables({ revision }: { revision: number }) {
    const { answer } = useAsked<{ tables: RuleTableLine[] }>(`/rulebook/tables?of=${revision}`);
    if (answer === null || answer.tables.length === 0) return null;
    return (
        <section>
            <h2 className="mb-1 text-base font-semibold">{say('screen.rule_table.tables')}</h2>
            <ul>
                {answer.tables.map(({ rule, name, rows }) => (
                    <li key={rule} className="border-t border-line py-1">
                        <a
                            className="text-sky underline"
                            href={`/rulebook/table?${new URLSearchParams({ rule }).toString()}`}
                        >
                            {name}
                        </a>{' '}
                        <span className="text-ink2">{say('screen.rule_table.rows', { count: rows })}</span>
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** Beside the rules: what the draft would change, earlier versions, files. */
export function RulebookAside({ page, draft, coverage, findings, onGo }: Props) {
    const formats = useFormats();
    const [importing, setImporting] = useState(false);
    const takeUp = page.mayWrite ? (rules: Rule[]): void => draft.change(() => rules) : null;
    return (
        <aside
            aria-label={say('screen.rulebook_aside.about_the_rulebook')}
            className="space-y-5 overflow-auto border-s border-line bg-paper p-4"
        >
            {draft.isDraft && (
                <section>
                    <h2 className="mb-1 text-base font-semibold">{say('screen.rulebook_aside.what_would_change')}</h2>
                    <Changes coverage={coverage} days={page.recentDays} />
                    {page.draft !== null && page.draft.savedBy !== null && page.draft.savedAt !== null && (
                        <p className="mt-2 text-xs text-ink2">
                            {say('screen.rulebook_aside.saved_by', {
                                person: page.draft.savedBy,
                                moment: formats.moment(page.draft.savedAt),
                            })}
                        </p>
                    )}
                </section>
            )}
            <section>
                <h2 className="mb-1 text-base font-semibold">{say('screen.findings.found')}</h2>
                <FindingList findings={findings} mayWrite={page.mayWrite} onGo={onGo} />
            </section>
            <section>
                <h2 className="mb-1 text-base font-semibold">{say('screen.common.versions')}</h2>
                <Versions
                    versions={page.versions}
                    current={page.published?.id}
                    vocabulary={page.vocabulary}
                    onTakeUp={takeUp}
                />
            </section>
            <section>
                <h2 className="mb-1 text-base font-semibold">{say('screen.rotations.rotations')}</h2>
                <a className="text-sky underline" href="/rulebook/rotations">
                    {say('screen.rulebook_aside.whose_turn')}
                </a>
            </section>
            {page.mayWrite && <Tables revision={draft.revision} />}
            {page.mayWrite && (
                <section>
                    <h2 className="mb-1 text-base font-semibold">{say('screen.sweeps.sweeps')}</h2>
                    <a className="text-sky underline" href="/rulebook/sweeps">
                        {say('screen.rulebook_aside.change_many')}
                    </a>
                </section>
            )}
            <section>
                <h2 className="mb-1 text-base font-semibold">{say('screen.rulebook_aside.as_a_file')}</h2>
                <p className="flex items-baseline gap-3">
                    <a className="text-sky underline" href="/rulebook/export">
                        {say('screen.rulebook_aside.export')}
                    </a>
                    {page.draft !== null && (
                        <a className="text-sky underline" href={`/rulebook/export?version=${page.draft.id}`}>
                            {say('rulebook.export_draft')}
                        </a>
                    )}
                    {page.mayWrite && (
                        <Button look="quiet" className="min-h-6 font-normal" onClick={() => setImporting(true)}>
                            {say('screen.common.import')}
                        </Button>
                    )}
                </p>
            </section>
            {importing && (
                <ImportDialog
                    revision={draft.revision}
                    isDraft={draft.isDraft}
                    vocabulary={page.vocabulary}
                    open
                    onOpenChange={setImporting}
                />
            )}
        </aside>
    );
}
