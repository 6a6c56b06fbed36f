import { Head, Link, router } from '@inertiajs/react';
import type { RolloutLine, RolloutsPageProps } from '@props/Rollouts/RolloutLine';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Pages } from '@/ui/Pages';

const COLUMNS = ['name', 'state', 'done', 'due', 'begun'] as const;

function Row({ rollout }: { rollout: RolloutLine }) {
    const formats = useFormats();
    return (
        <tr className="border-t border-line align-top">
            <th scope="row" className="px-3 py-2 text-start font-medium">
                <Link href={`/rollouts/${rollout.id}`} className="text-sky underline">
                    {rollout.name}
                </Link>
            </th>
            <td className="px-3 py-2">
                {say(`rollout.state.${rollout.state}`, {
                    made: rollout.made,
                    total: rollout.total,
                    moment: rollout.makesAt === null ? '' : formats.moment(rollout.makesAt),
                })}
            </td>
            <td className="px-3 py-2 tabular-nums">
                {say('rollout.done_of', { done: rollout.done, total: rollout.total })}
            </td>
            <td className="px-3 py-2">
                {rollout.dueAt === null ? say('rollout.no_due') : formats.moment(rollout.dueAt)}
            </td>
            <td className="px-3 py-2 text-ink2">
                {formats.moment(rollout.begunAt)}
                {rollout.begunBy !== null && ' · ' + rollout.begunBy}
            </td>
        </tr>
    );
}

/** The rollouts of the house. */
export default function Rollouts({ rollouts, page, pages }: RolloutsPageProps) {
    return (
        <>
            <Head title={say('rollout.all')} />
            <header className="flex flex-wrap items-baseline gap-3 px-4 py-3">
                <h1 className="text-lg">{say('rollout.all')}</h1>
                <p className="min-w-0 flex-1 text-ink2">{say('rollout.means')}</p>
                <Button look="main" onClick={() => router.visit('/rollouts/new')}>
                    {say('rollout.new')}
                </Button>
            </header>
            {rollouts.length === 0 ? (
                <p className="box mx-4 p-5 text-ink2">{say('rollout.none')}</p>
            ) : (
                <div className="mx-4 overflow-x-auto" tabIndex={0} role="region" aria-label={say('rollout.all')}>
                    <table className="box w-full text-start">
                        <thead className="text-xs text-ink2">
                            <tr>
                                {COLUMNS.map((one) => (
                                    <th key={one} scope="col" className="px-3 py-2 text-start font-medium">
                                        {say(`rollout.column.${one}`)}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {rollouts.map((one) => (
                                <Row key={one.id} rollout={one} />
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
            <Pages page={page} pages={pages} onShow={(next) => router.get('/rollouts', { page: next })} />
        </>
    );
}
