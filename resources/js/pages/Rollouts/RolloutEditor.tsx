import { Head, router } from '@inertiajs/react';
import type { RolloutDocument, RolloutEditorPageProps, RolloutPreview } from '@props/Rollouts/RolloutEditorPage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { blankRollout, rolloutToSend } from '@/lib/rollout';
import { usePreview } from '@/lib/usePreview';
import { useSending } from '@/lib/useSending';
import { useWork } from '@/lib/useWork';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Members } from '@/parts/rollout/Members';
import { PlanAside } from '@/parts/rollout/Plan';
import { TaskOfEach } from '@/parts/rollout/TaskOfEach';
import { UndoRedo } from '@/parts/rule/RulebookHeader';
import { Button } from '@/ui/Button';
import { Intro } from '@/parts/written/Intro';
import { NameEntry } from '@/parts/written/NameEntry';

const isRollout = (kept: Partial<RolloutDocument>): boolean =>
    Array.isArray(kept.branches) && Array.isArray(kept.without) && typeof kept.tree === 'string';

/** A rollout as a lead writes it; beside it every task that it makes. */
export default function RolloutEditor(page: RolloutEditorPageProps) {
    const [begun] = useState(() => ({ ...blankRollout(), ...page.document }));
    const work = useWork(`rollout ${page.document?.name ?? ''}`, { document: begun, revision: 0 }, isRollout);
    const { now: rollout } = work;
    const { busy, faults, send } = useSending();
    const sent = JSON.stringify(rolloutToSend(rollout));
    const preview = usePreview<RolloutPreview>('/rollouts/preview', sent);
    const change = (more: Partial<RolloutDocument>, what?: string): void =>
        work.change((before) => ({ ...before, ...more }), what);
    const begin = (): void =>
        void send(async () => {
            const made = await ask<{ rollout: string }>('POST', '/rollouts', sent);
            work.forget();
            router.visit(`/rollouts/${made.rollout}`);
        });
    return (
        <>
            <Head title={say('rollout.new_title')} />
            <header className="sticky top-0 z-30 flex flex-wrap items-center gap-3 bg-chalk px-4 py-2">
                <h1 className="min-w-0 text-lg">{say('rollout.new_title')}</h1>
                <span className="ms-auto flex flex-wrap items-center gap-2">
                    <UndoRedo draft={work} />
                    <Button look="main" disabled={busy || (preview?.plan ?? null) === null} onClick={begin}>
                        {say(rollout.hidden === true ? 'rollout.begin_planned' : 'rollout.begin')}
                    </Button>
                </span>
                {faults.length > 0 && (
                    <div className="basis-full">
                        <FaultList faults={faults} />
                    </div>
                )}
            </header>
            <div className="mx-auto grid max-w-7xl gap-4 p-4 lg:grid-cols-[1fr_400px]">
                <div className="min-w-0 space-y-4">
                    <Intro href="/rollouts" all={say('rollout.all')} how={say('rollout.means')} taken={work.taken} />
                    <NameEntry
                        look="box p-4"
                        value={rollout.name}
                        isNew
                        onChange={(name) => change({ name }, 'name')}
                    />
                    <Members
                        rollout={rollout}
                        trees={page.trees}
                        levels={page.levels}
                        attributes={page.attributes}
                        onChange={change}
                    />
                    <TaskOfEach page={page} rollout={rollout} onChange={change} />
                </div>
                <PlanAside preview={preview} onLeaveOut={(node) => change({ without: [...rollout.without, node] })} />
            </div>
        </>
    );
}
