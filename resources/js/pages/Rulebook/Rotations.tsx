import clsx from 'clsx';
import { Head, Link } from '@inertiajs/react';
import type { RotationCloser, RotationsPageProps } from '@props/Rules/RotationsPage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { CorrectDialog, type Correction } from '@/parts/rotation/CorrectDialog';
import { LastTurns } from '@/parts/rotation/LastTurns';
import { Ring } from '@/parts/rotation/Ring';
import { Seats } from '@/parts/rotation/Seats';
import { Button } from '@/ui/Button';

function Names({ rotations, chosen }: { rotations: RotationsPageProps['rotations']; chosen: string }) {
    return (
        <nav
            aria-label={say('screen.rotations.rotations')}
            className="w-64 shrink-0 overflow-auto border-e border-line bg-paper py-2"
        >
            <ul>
                {rotations.map(({ name, rules }) => (
                    <li key={name}>
                        <Link
                            href={`/rulebook/rotations?rotation=${encodeURIComponent(name)}`}
                            aria-current={name === chosen ? 'page' : undefined}
                            className={clsx(
                                'block border-s-4 px-3 py-1.5',
                                name === chosen ? 'border-pine bg-pine-wash font-semibold' : 'border-transparent',
                            )}
                        >
                            {name}
                            <span className="block text-xs font-normal text-ink2">
                                {say('screen.rotations.used_by', { count: rules })}
                            </span>
                        </Link>
                    </li>
                ))}
            </ul>
        </nav>
    );
}

function Closer({ rotation, mayCorrect }: { rotation: RotationCloser; mayCorrect: boolean }) {
    const [correction, setCorrection] = useState<Correction | null>(null);
    const { name, rules, coming, seats, turns } = rotation;
    return (
        <div className="min-w-0 flex-1 overflow-auto p-5">
            <header className="mb-3 flex items-baseline gap-3">
                <h2 className="text-lg font-semibold">{name}</h2>
                {mayCorrect && seats.length > 0 && (
                    <Button
                        className="ms-auto"
                        onClick={() => setCorrection({ act: 'begun_anew', person: null, name })}
                    >
                        {say('screen.rotations.anew')}
                    </Button>
                )}
            </header>
            <div className="grid gap-x-8 gap-y-5 xl:grid-cols-2">
                <section>
                    <h3 className="font-semibold">{say('screen.rotations.coming')}</h3>
                    {coming.length === 0 ? (
                        <p className="text-ink2">{say('screen.rotations.nobody')}</p>
                    ) : (
                        <Ring coming={coming} />
                    )}
                    <p className="text-xs text-ink2">{say('screen.rotations.coming_hint')}</p>
                    {rotation.varies && <p className="text-xs text-ink2">{say('screen.rotations.varies')}</p>}
                </section>
                <section className="space-y-4">
                    <Seats seats={seats} onCorrect={mayCorrect ? setCorrection : null} />
                    <div>
                        <h3 className="font-semibold">{say('screen.rotations.used')}</h3>
                        {rules.length === 0 && <p className="text-ink2">{say('screen.rotations.unused')}</p>}
                        <ul className="list-disc ps-5">
                            {rules.map((rule) => (
                                <li key={rule.id}>{rule.name}</li>
                            ))}
                        </ul>
                    </div>
                </section>
                <section className="xl:col-span-2">
                    <h3 className="mb-1 font-semibold">{say('screen.rotations.last')}</h3>
                    <LastTurns turns={turns} />
                </section>
            </div>
            {correction !== null && (
                <CorrectDialog
                    key={`${correction.act} ${correction.person ?? ''}`}
                    rotation={name}
                    correction={correction}
                    onClose={() => setCorrection(null)}
                />
            )}
        </div>
    );
}

/** Whose turn it is in each rotation, what became of the last ones, and how to put them right. */
export default function Rotations({ rotations, rotation, mayCorrect }: RotationsPageProps) {
    return (
        <div className="flex h-full flex-col">
            <Head title={say('screen.rotations.rotations')} />
            <h1 className="border-b border-line px-5 py-3 text-xl font-semibold">
                {say('screen.rotations.rotations')}
            </h1>
            {rotation === null ? (
                <p className="p-5 text-ink2">{say('screen.rotations.none')}</p>
            ) : (
                <div className="flex min-h-0 flex-1">
                    <Names rotations={rotations} chosen={rotation.name} />
                    <Closer key={rotation.name} rotation={rotation} mayCorrect={mayCorrect} />
                </div>
            )}
        </div>
    );
}
