import { Link } from '@inertiajs/react';
import type { RiverPageProps, StageFlow } from '@props/Cases/RiverPage';
import { duration } from '@/lib/format';
import { COLUMN, HEIGHT, poolsOf, streamsOf } from '@/lib/river';
import { say } from '@/lib/words';

/** Where the list of the cases is that a figure counts. */
export function casesAt(track: string, stage: string, more: Record<string, string> = {}): string {
    return `/cases?${new URLSearchParams({ track, stage, ...more }).toString()}`;
}

function Under({ track, stage }: { track: string; stage: StageFlow }) {
    return (
        <li className="shrink-0 px-2 text-center" style={{ width: COLUMN }}>
            <p className="font-semibold break-words">{stage.name}</p>
            <p>
                <Link href={casesAt(track, stage.key)} className="inline-flex min-h-6 items-center text-sky underline">
                    {say('river.open', { count: stage.open })}
                </Link>
            </p>
            {stage.late > 0 && (
                <p>
                    <Link
                        href={casesAt(track, stage.key, { waits: 'late' })}
                        className="inline-flex min-h-6 items-center text-ochre underline"
                    >
                        {say('river.late', { count: stage.late })}
                    </Link>
                </p>
            )}
            {stage.stands !== null && (
                <p className="text-ink2">{say('river.stands', { time: duration(stage.stands) })}</p>
            )}
        </li>
    );
}

/** A track as a river: each stage as deep as many cases stand there, between them what moved lately. */
export function River({ track, stages, moves }: Pick<RiverPageProps, 'track' | 'stages' | 'moves'>) {
    const width = stages.length * COLUMN;
    return (
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={say('river.drawn')}>
            <svg width={width} height={HEIGHT} viewBox={`0 0 ${width} ${HEIGHT}`} aria-hidden className="mx-auto block">
                {streamsOf(stages, moves).map((one) => (
                    <path
                        key={one.key}
                        d={one.path}
                        fill="none"
                        stroke={one.back ? 'var(--plum)' : 'var(--sky)'}
                        strokeOpacity={one.back ? 0.55 : 0.3}
                        strokeWidth={one.width}
                    />
                ))}
                {poolsOf(stages).map((pool) => (
                    <g key={pool.key}>
                        <rect
                            x={pool.x}
                            y={pool.y}
                            width={pool.width}
                            height={pool.height}
                            rx={Math.min(14, pool.height / 2)}
                            fill="var(--sky)"
                        />
                        {pool.late > 0 && (
                            <rect
                                x={pool.x + 6}
                                y={pool.y + pool.height - pool.late}
                                width={pool.width - 12}
                                height={Math.max(2, pool.late - 3)}
                                rx={3}
                                fill="var(--ochre)"
                            />
                        )}
                    </g>
                ))}
            </svg>
            <ul className="mx-auto flex" style={{ width }}>
                {stages.map((stage) => (
                    <Under key={stage.key} track={track} stage={stage} />
                ))}
            </ul>
        </div>
    );
}
