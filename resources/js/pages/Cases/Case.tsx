import { Head, Link } from '@inertiajs/react';
import type { CaseFacts, CasePageProps } from '@props/Cases/CaseView';
import { useState, type ReactNode } from 'react';
import { say } from '@/lib/words';
import { Approvals } from '@/parts/approvals/Approvals';
import { Runs } from '@/parts/runsheet/Runs';
import { CloseDialog, GiveDialog, MoveDialog, ReopenDialog } from '@/parts/cases/CaseDialogs';
import { Deeds, Facts, type Opened } from '@/parts/cases/CaseHead';
import { CaseTasks } from '@/parts/cases/CaseTasks';
import { EditCase } from '@/parts/cases/EditCase';
import { Missing } from '@/parts/cases/Missing';
import { StageLine } from '@/parts/cases/StageLine';
import { History } from '@/parts/History';
import { Guides } from '@/parts/task/Guides';
import { Messages } from '@/parts/task/Messages';
import { Files } from '@/parts/task/Pieces';
import { Say } from '@/parts/task/Said';
import { WriteMessage } from '@/parts/task/WriteMessage';

function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <section aria-label={title} className="box p-4">
            <h2 className="mb-2 font-semibold">{title}</h2>
            {children}
        </section>
    );
}

/** What stands between it and its next stage, and what a rule could not do. */
function Waits({ of, stages, refused }: Pick<CasePageProps, 'stages' | 'refused'> & { of: CaseFacts }) {
    const next = stages.find((stage) => stage.state === 'ahead');
    if (of.closedAt !== null || (next === undefined && refused === null)) return null;
    return (
        <>
            {next !== undefined && (
                <Part
                    title={say(next.missing.length === 0 ? 'case.waits_none' : 'case.waits_title', {
                        stage: next.name,
                    })}
                >
                    <Missing lines={next.missing} />
                </Part>
            )}
            {refused !== null && (
                <Part
                    title={
                        refused.to === null
                            ? say('case.refused_close')
                            : say('case.refused_title', { stage: refused.to })
                    }
                >
                    <p className="mb-1 text-ink2">{refused.why}</p>
                    <Missing lines={refused.missing} />
                </Part>
            )}
        </>
    );
}

function Known({ fields }: Pick<CasePageProps, 'fields'>) {
    return (
        <Part title={say('case.known')}>
            {fields.length === 0 && <p className="text-ink2">{say('case.known_nothing')}</p>}
            <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
                {fields.map((field) => (
                    <div key={field.path} className="contents">
                        <dt className="text-ink2">{field.label}</dt>
                        <dd className="break-words">{field.said ?? say('case.empty')}</dd>
                    </div>
                ))}
            </dl>
        </Part>
    );
}

function Below({ below }: Pick<CasePageProps, 'below'>) {
    if (below.length === 0) return null;
    return (
        <Part title={say('case.below')}>
            <ul>
                {below.map((one) => (
                    <li key={one.id} className="flex flex-wrap gap-x-3">
                        <Link href={`/cases/${one.id}`} className="text-sky underline">
                            № {one.number} {one.title}
                        </Link>
                        <span className="text-ink2">{one.stage}</span>
                        <span className="text-ink2">{one.owner?.name ?? say('case.nobody')}</span>
                    </li>
                ))}
            </ul>
        </Part>
    );
}

function Opening({ open, page, onClose }: { open: Opened | null; page: CasePageProps; onClose: () => void }) {
    if (open === null) return null;
    const of = page.case;
    if (open === 'close') return <CloseDialog of={of} outcomes={page.outcomes} onClose={onClose} />;
    if (open === 'reopen') return <ReopenDialog of={of} stages={page.stages} onClose={onClose} />;
    if (open === 'give') return <GiveDialog of={of} people={page.people} onClose={onClose} />;
    if (open === 'edit') return <EditCase of={of} fields={page.fields} people={page.people} onClose={onClose} />;
    return <MoveDialog of={of} stage={open.move} onClose={onClose} />;
}

/** A case whole: where it is, what it waits for, what is done in it, what has happened. */
export default function Case(page: CasePageProps) {
    const {
        case: of,
        stages,
        refused,
        tasks,
        files,
        approvals,
        runs,
        sheets,
        below,
        fields,
        guides,
        history,
        messages,
        writing,
    } = page;
    const [open, setOpen] = useState<Opened | null>(null);
    return (
        <>
            <Head title={`№ ${of.number} ${of.title}`} />
            <div className="mx-auto max-w-6xl space-y-4 p-4">
                <header className="space-y-2">
                    <p className="text-ink2">
                        № <span className="font-mono">{of.number}</span> · {of.track}
                        {of.customer !== null && ` · ${of.customer}`}
                    </p>
                    <h1 className="text-lg break-words">{of.title}</h1>
                    <Facts of={of} />
                    <Deeds of={of} stages={stages} onOpen={setOpen} />
                </header>
                <Part title={say('case.way')}>
                    <StageLine stages={stages} />
                </Part>
                <div className="grid gap-4 lg:grid-cols-[3fr_2fr]">
                    <div className="min-w-0 space-y-4">
                        <Waits of={of} stages={stages} refused={refused} />
                        <CaseTasks of={of} tasks={tasks} />
                        {guides.length > 0 && (
                            <Part title={say('case.guide')}>
                                <Guides guides={guides} />
                            </Part>
                        )}
                        <Part title={say('approval.title')}>
                            <Approvals
                                approvals={approvals}
                                at={`/cases/${of.id}`}
                                mayAsk={of.may.edit && of.closedAt === null}
                            />
                        </Part>
                        {(runs.length > 0 || sheets.length > 0) && (
                            <Part title={say('run.title')}>
                                <Runs runs={runs} at={`/cases/${of.id}`} sheets={sheets} />
                            </Part>
                        )}
                        {(messages.length > 0 || writing.length > 0) && (
                            <Part title={say('case.messages')}>
                                <Messages messages={messages} keys />
                                {writing.length > 0 && (
                                    <WriteMessage
                                        id={of.id}
                                        at={`/cases/${of.id}`}
                                        customer={of.customer}
                                        writing={writing}
                                        hasFiles={files.files.length > 0}
                                    />
                                )}
                            </Part>
                        )}
                        <Part title={say('screen.task_panel.files')}>
                            <Files at={`/cases/${of.id}`} files={files} mayAttach />
                        </Part>
                        <Below below={below} />
                        <Known fields={fields} />
                    </div>
                    <Part title={say('case.happened')}>
                        <Say id={of.id} at={`/cases/${of.id}`} />
                        <History of={`/cases/${of.id}`} latest={history} />
                    </Part>
                </div>
            </div>
            <Opening open={open} page={page} onClose={() => setOpen(null)} />
        </>
    );
}
