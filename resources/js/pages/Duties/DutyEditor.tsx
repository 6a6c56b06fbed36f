import { Head } from '@inertiajs/react';
import type { DutyEditorPageProps } from '@props/Duties/DutyEditorPage';
import { useState } from 'react';
import { without } from '@/lib/rules';
import { useDuty, type WrittenDuty } from '@/lib/useDuty';
import { say } from '@/lib/words';
import { DutyAside } from '@/parts/duty/DutyAside';
import { DutyWhat } from '@/parts/duty/DutyWhat';
import { DutyWhen } from '@/parts/duty/DutyWhen';
import { FaultList } from '@/parts/FaultList';
import { GiveEditor } from '@/parts/rule/GiveEditor';
import { UndoRedo } from '@/parts/rule/RulebookHeader';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Line } from '@/ui/Line';
import { Intro } from '@/parts/written/Intro';
import { NameEntry } from '@/parts/written/NameEntry';

function TopLine({ page, written, onEnd }: { page: DutyEditorPageProps; written: WrittenDuty; onEnd: () => void }) {
    const { unsaved, busy, theirs, preview } = written;
    return (
        <header className="sticky top-0 z-30 flex flex-wrap items-center gap-3 border-b border-line bg-chalk px-4 py-2">
            <h1 className="min-w-0 text-lg break-words">
                {page.duty === null ? say('duty.new_title') : page.duty.name}
            </h1>
            <span className="text-ink2" role="status">
                {unsaved ? say('duty.unsaved') : ''}
            </span>
            <span className="ms-auto flex flex-wrap items-center gap-2">
                <UndoRedo draft={written} />
                {page.duty !== null && (
                    <Button look="grave" disabled={busy} onClick={onEnd}>
                        {say('duty.end')}
                    </Button>
                )}
                <Button
                    look="main"
                    disabled={busy || (!unsaved && page.duty !== null) || (preview?.faults.length ?? 1) > 0}
                    onClick={written.save}
                >
                    {page.duty === null ? say('duty.begin') : say('duty.save')}
                </Button>
            </span>
            {theirs !== null && (
                <p className="basis-full text-ochre" role="alert">
                    {say('duty.theirs')}{' '}
                    <Button look="quiet" onClick={theirs}>
                        {say('duty.take_theirs')}
                    </Button>
                </p>
            )}
            <FaultList faults={written.faults} />
        </header>
    );
}

/** To whom its tasks go. */
function Who({ page, written }: { page: DutyEditorPageProps; written: WrittenDuty }) {
    const { duty, change } = written;
    return (
        <section className="box px-4 py-2" aria-label={say('duty.who')}>
            <h2 className="py-1 font-semibold">{say('duty.who')}</h2>
            <Line word={say('duty.goes_to')}>
                {duty.give === undefined ? (
                    <>
                        {say('duty.by_rules_long')}{' '}
                        <Button
                            look="quiet"
                            onClick={() =>
                                change((before) => ({ ...before, give: { otherwise: { kind: 'next_rule' } } }))
                            }
                        >
                            {say('duty.say_who')}
                        </Button>
                    </>
                ) : (
                    <>
                        <GiveEditor
                            give={duty.give}
                            about="task"
                            ofNew
                            vocabulary={page.vocabulary}
                            onChange={(give) => change((before) => ({ ...before, give }), 'give')}
                        />
                        <Button look="quiet" onClick={() => change((before) => without(before, 'give'))}>
                            {say('duty.leave_to_rules')}
                        </Button>
                    </>
                )}
            </Line>
        </section>
    );
}

/** A standing duty as leads write it; beside it when it comes next. */
export default function DutyEditor(page: DutyEditorPageProps) {
    const written = useDuty(page);
    const [ending, setEnding] = useState(false);
    return (
        <>
            <Head title={page.duty?.name ?? say('duty.new_title')} />
            <TopLine page={page} written={written} onEnd={() => setEnding(true)} />
            <div className="mx-auto grid max-w-6xl gap-4 p-4 lg:grid-cols-[1fr_360px]">
                <div className="min-w-0 space-y-4">
                    <Intro href="/duties" all={say('duty.all')} how={say('duty.means')} taken={written.taken} />
                    <NameEntry
                        look="box p-4"
                        value={written.duty.name}
                        isNew={page.duty === null}
                        onChange={(name) => written.change((before) => ({ ...before, name }), 'name')}
                    />
                    <DutyWhat page={page} written={written} />
                    <DutyWhen written={written} />
                    <Who page={page} written={written} />
                </div>
                <DutyAside page={page} written={written} />
            </div>
            {ending && (
                <Dialog
                    open
                    onOpenChange={setEnding}
                    title={say('duty.end_title', { name: page.duty?.name ?? '' })}
                    description={say('duty.end_means')}
                >
                    <DialogForm
                        look="grave"
                        busy={written.busy}
                        onLeave={() => setEnding(false)}
                        onSend={written.end}
                        send={say('duty.end')}
                    >
                        <FaultList faults={written.faults} />
                    </DialogForm>
                </Dialog>
            )}
        </>
    );
}
