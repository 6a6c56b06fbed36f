import { Link, router } from '@inertiajs/react';
import type { CaseFacts, StageLine } from '@props/Cases/CaseView';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { PersonMark } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';

/** What is asked for in a dialog. */
export type Opened = 'close' | 'reopen' | 'give' | 'edit' | { move: StageLine };

/** Who has it, for whom, since when. */
export function Facts({ of }: { of: CaseFacts }) {
    const formats = useFormats();
    return (
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1 text-ink2">
            {of.owner === null ? (
                <span className="text-ochre">{say('case.owned_by_nobody', { count: of.claimants.length })}</span>
            ) : (
                <span className="inline-flex items-center gap-1 text-ink">
                    <span className="text-ink2">{say('case.owned_by')}</span> <PersonMark slug={of.owner.slug} />{' '}
                    {of.owner.name}
                </span>
            )}
            <span>{say('case.opened', { moment: formats.moment(of.openedAt) })}</span>
            {of.closedAt !== null && (
                <span>{say('case.closed', { moment: formats.moment(of.closedAt), outcome: of.outcome ?? '' })}</span>
            )}
            {of.above !== null && (
                <Link href={`/cases/${of.above.id}`} className="text-sky underline">
                    {say('case.above', { number: String(of.above.number), title: of.above.title })}
                </Link>
            )}
            {of.tags.map((tag) => (
                <span key={tag} className="rounded-sm border border-line px-1">
                    {tag}
                </span>
            ))}
            {of.watchers.length > 0 && <span>{say('case.watched_by', { people: of.watchers.join(', ') })}</span>}
        </div>
    );
}

/** What can be done with it by whoever looks. */
export function Deeds({ of, stages, onOpen }: { of: CaseFacts; stages: StageLine[]; onOpen: (what: Opened) => void }) {
    const { busy, send } = useSending();
    const next = stages.find((stage) => stage.state === 'ahead');
    const others = stages.filter(({ state, key }) => (state === 'passed' || state === 'ahead') && key !== next?.key);
    const isOpen = of.closedAt === null;
    const post = (deed: string, data: Record<string, unknown>): void =>
        void send(async () => {
            await ask('POST', `/cases/${of.id}/${deed}`, JSON.stringify(data));
        }).then((done) => done && router.reload());
    return (
        <div className="flex flex-wrap gap-2">
            {isOpen && of.may.claim && (
                <Button look="main" disabled={busy} onClick={() => post('claim', { revision: of.revision })}>
                    {say('case.claim')}
                </Button>
            )}
            {isOpen && of.may.move && next !== undefined && (
                <Button look={of.may.claim ? 'plain' : 'main'} onClick={() => onOpen({ move: next })}>
                    {say('case.move_on', { stage: next.name })}
                </Button>
            )}
            {isOpen && of.may.move && others.length > 0 && (
                <Menu
                    trigger={<Button>{say('case.move_to')}</Button>}
                    items={others.map((stage) => ({ label: stage.name, run: () => onOpen({ move: stage }) }))}
                />
            )}
            {of.may.edit && <Button onClick={() => onOpen('edit')}>{say('case.edit')}</Button>}
            {isOpen && of.may.give && <Button onClick={() => onOpen('give')}>{say('case.give')}</Button>}
            {of.may.edit && (
                <Button onClick={() => onOpen(isOpen ? 'close' : 'reopen')}>
                    {say(isOpen ? 'case.close' : 'case.reopen')}
                </Button>
            )}
            {of.may.watch && (
                <Button look="quiet" disabled={busy} onClick={() => post('watch', { watches: !of.watches })}>
                    {say(of.watches ? 'case.unwatch' : 'case.watch')}
                </Button>
            )}
        </div>
    );
}
