import { Head, Link } from '@inertiajs/react';
import type { LevellingsPageProps } from '@props/Levelling/LevellingsPage';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { late, over } from '@/lib/levelling';
import { say } from '@/lib/words';
import { StartLevelling } from '@/parts/levelling/StartLevelling';
import { Button } from '@/ui/Button';

/** The latest levellings of whoever leads. */
export default function Levellings({ levellings, options }: LevellingsPageProps) {
    const [starting, setStarting] = useState(false);
    const { moment } = useFormats();
    return (
        <div className="h-full overflow-auto bg-paper">
            <Head title={say('level.title')} />
            <header className="flex items-center gap-3 border-b border-line px-5 py-3">
                <h1 className="flex-1 text-xl font-semibold">{say('level.title')}</h1>
                <Button look="main" onClick={() => setStarting(true)}>
                    {say('level.press')}
                </Button>
            </header>
            {levellings.length === 0 ? (
                <p className="p-5 text-ink2">{say('level.none')}</p>
            ) : (
                <ul aria-label={say('level.title')}>
                    {levellings.map((one) => (
                        <li key={one.id} className="border-b border-line px-5 py-2">
                            <Link href={`/levellings/${one.id}`} className="font-medium text-sky underline">
                                {one.result === null
                                    ? say('level.title')
                                    : say('level.line', {
                                          before: late(one.result.before),
                                          after: late(one.result.after),
                                          moves: one.result.moves,
                                      })}
                            </Link>{' '}
                            <span className={one.state === 'ready' ? 'text-ochre' : 'text-ink2'}>
                                {say(`level.states.${one.state}`)}
                            </span>
                            <span className="block text-ink2">
                                {say('level.asked_by', { person: one.by, moment: moment(one.begunAt) })} · {over(one)}
                            </span>
                        </li>
                    ))}
                </ul>
            )}
            <StartLevelling options={options} open={starting} onOpen={setStarting} />
        </div>
    );
}
