import clsx from 'clsx';
import { Link } from '@inertiajs/react';
import type { LevelledGroup, LevelledMove } from '@props/Levelling/LevellingPage';
import { useFormats } from '@/lib/format';
import { load } from '@/lib/load';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';

/** What it is worth with all others that are taken. */
function worth(saves: number | null): string {
    if (saves === null) return say('level.left');
    if (saves > 0) return say('level.saves', { time: load(saves) });
    return saves < 0 ? say('level.costs', { time: load(-saves) }) : say('level.saves_nothing');
}

function Finish({ at, due }: { at: string | null; due: string | null }) {
    const { moment } = useFormats();
    if (at === null) return <span className="text-brick">{say('level.never')}</span>;
    return <span className={due !== null && at > due ? 'text-brick' : ''}>{moment(at)}</span>;
}

function MoveRow({
    move,
    first,
    group,
    onTake,
}: {
    move: LevelledMove;
    first: boolean;
    group: LevelledGroup;
    onTake: ((left: boolean) => void) | null;
}) {
    const { moment } = useFormats();
    const count = group.moves.length;
    return (
        <tr className={clsx('align-top', first ? 'border-t border-line' : '', group.left && 'text-ink2')}>
            {first && (
                <td rowSpan={count} className="py-1.5 ps-3">
                    {onTake !== null && (
                        <input
                            type="checkbox"
                            aria-label={say('level.take_group', {
                                what: group.moves.map((one) => `№ ${one.number} ${one.title}`).join(', '),
                            })}
                            checked={!group.left}
                            onChange={(event) => onTake(!event.target.checked)}
                        />
                    )}
                </td>
            )}
            <th scope="row" className="min-w-44 px-3 py-1.5 text-start font-medium">
                <Link href={`/tasks/${move.task}`} className="hover:underline">
                    <span className="font-mono text-xs text-ink2">{move.number}</span> {move.title}
                </Link>
                {move.came === 'otherwise' && (
                    <span className="block text-xs text-ochre">{say('level.came.otherwise')}</span>
                )}
            </th>
            <td className="px-3 py-1.5 whitespace-nowrap">{move.from !== null && <PersonName {...move.from} />}</td>
            <td className="px-3 py-1.5 whitespace-nowrap">{move.to !== null && <PersonName {...move.to} />}</td>
            <td className="px-3 py-1.5 whitespace-nowrap">{move.due === null ? '' : moment(move.due)}</td>
            <td className="px-3 py-1.5 whitespace-nowrap">
                <Finish at={move.finishBefore} due={move.due} /> →<br />
                <Finish at={move.finishAfter} due={move.due} />
            </td>
            {first && (
                <td rowSpan={count} className="px-3 py-1.5 text-end whitespace-nowrap">
                    {worth(group.saves)}
                </td>
            )}
        </tr>
    );
}

type Props = { groups: LevelledGroup[]; onTake: ((group: number, left: boolean) => void) | null };

/** What is moved, in groups that are taken or left whole, with what each is worth. */
export function Moves({ groups, onTake }: Props) {
    const heads = ['task', 'from', 'to', 'due', 'finish'];
    return (
        <table className="w-full text-start" aria-label={say('level.moves')}>
            <thead className="sticky top-0 bg-paper text-xs text-ink2">
                <tr>
                    <td className="w-8" />
                    {heads.map((head) => (
                        <th key={head} scope="col" className="px-3 py-1 text-start font-normal">
                            {say(`level.${head}`)}
                        </th>
                    ))}
                    <td />
                </tr>
            </thead>
            {groups.map((group) => (
                <tbody key={group.group}>
                    {group.moves.map((move, index) => (
                        <MoveRow
                            key={`${move.task} ${move.from?.slug ?? ''}`}
                            move={move}
                            first={index === 0}
                            group={group}
                            onTake={onTake === null ? null : (left) => onTake(group.group, left)}
                        />
                    ))}
                </tbody>
            ))}
        </table>
    );
}
