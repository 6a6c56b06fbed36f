import { Link, router } from '@inertiajs/react';
import type { CaseFacts, StageLine } from '@props/Cases/CaseView';
import { Fragment } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { useShortcuts } from '@/lib/keys';
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

const MOVES_ON = '.';

/** The key that does it stands beside it. */
type Deed = { key: string; label: string; run: () => void; look?: 'main' | 'plain' | 'quiet'; sends?: boolean };

/** What can be done with it by whoever looks, each by a key, too. */
function deedsOf(
    of: CaseFacts,
    next: StageLine | undefined,
    post: (deed: string, data: Record<string, unknown>) => void,
    onOpen: (what: Opened) => void,
): Deed[] {
    const isOpen = of.closedAt === null;
    const { may } = of;
    return [
        ...(isOpen && may.claim
            ? [
                  {
                      key: 'a',
                      label: say('case.claim'),
                      look: 'main' as const,
                      sends: true,
                      run: () => post('claim', { revision: of.revision }),
                  },
              ]
            : []),
        ...(isOpen && may.move && next !== undefined
            ? [
                  {
                      key: MOVES_ON,
                      label: say('case.move_on', { stage: next.name }),
                      look: may.claim ? ('plain' as const) : ('main' as const),
                      run: () => onOpen({ move: next }),
                  },
              ]
            : []),
        ...(may.edit ? [{ key: 'e', label: say('case.edit'), run: () => onOpen('edit') }] : []),
        ...(isOpen && may.give ? [{ key: 'g', label: say('case.give'), run: () => onOpen('give') }] : []),
        ...(may.edit
            ? [
                  {
                      key: 'c',
                      label: say(isOpen ? 'case.close' : 'case.reopen'),
                      run: () => onOpen(isOpen ? 'close' : 'reopen'),
                  },
              ]
            : []),
        ...(may.watch
            ? [
                  {
                      key: 'w',
                      label: say(of.watches ? 'case.unwatch' : 'case.watch'),
                      look: 'quiet' as const,
                      sends: true,
                      run: () => post('watch', { watches: !of.watches }),
                  },
              ]
            : []),
    ];
}

/** What can be done with it, and where else it can be moved to. */
export function Deeds({ of, stages, onOpen }: { of: CaseFacts; stages: StageLine[]; onOpen: (what: Opened) => void }) {
    const { busy, send } = useSending();
    const next = stages.find((stage) => stage.state === 'ahead');
    const others = stages.filter(({ state, key }) => (state === 'passed' || state === 'ahead') && key !== next?.key);
    const post = (deed: string, data: Record<string, unknown>): void =>
        void send(async () => {
            await ask('POST', `/cases/${of.id}/${deed}`, JSON.stringify(data));
        }).then((done) => done && router.reload());
    const deeds = deedsOf(of, next, post, onOpen);
    useShortcuts(
        'page',
        say('keys.case'),
        deeds.map(({ key, label, run }) => ({ key, does: label.toLocaleLowerCase(), run })),
    );
    const elsewhere = of.closedAt === null && of.may.move && others.length > 0 && (
        <Menu
            trigger={<Button>{say('case.move_to')}</Button>}
            items={others.map((stage) => ({ label: stage.name, run: () => onOpen({ move: stage }) }))}
        />
    );
    return (
        <div className="flex flex-wrap gap-2">
            {deeds.map(({ key, label, look = 'plain', sends = false, run }) => (
                <Fragment key={key}>
                    <Button look={look} disabled={sends && busy} aria-keyshortcuts={key} onClick={run}>
                        {label}
                    </Button>
                    {key === MOVES_ON && elsewhere}
                </Fragment>
            ))}
            {deeds.every(({ key }) => key !== MOVES_ON) && elsewhere}
        </div>
    );
}
