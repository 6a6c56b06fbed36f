import { Link } from '@inertiajs/react';
import type { RotationTurn } from '@props/Rules/RotationsPage';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';

function told(turn: RotationTurn): string {
    const person = turn.person ?? say('screen.rotations.somebody');
    const by = turn.by ?? say('screen.rotations.somebody');
    switch (turn.kind) {
        case 'taken': {
            const number = String(turn.task?.number ?? '');
            return turn.inPlaceOf === null
                ? say('screen.rotations.taken', { person, number })
                : say('screen.rotations.taken_for', { person, number, other: turn.inPlaceOf });
        }
        case 'skipped':
            return say('screen.rotations.was_skipped', { by, person });
        case 'put_back':
            return say('screen.rotations.was_put_back', { by, person });
        case 'begun_anew':
            return say('screen.rotations.was_begun_anew', { by });
    }
}

/** Who had the last turns, who was passed over and why, and what was corrected. */
export function LastTurns({ turns }: { turns: RotationTurn[] }) {
    const formats = useFormats();
    if (turns.length === 0) return <p className="text-ink2">{say('screen.rotations.no_turns')}</p>;
    return (
        <ol className="divide-y divide-line border-y border-line">
            {turns.map((turn) => (
                <li key={turn.id} className="flex gap-3 py-1.5">
                    <time className="w-32 shrink-0 text-ink2" dateTime={turn.at}>
                        {formats.moment(turn.at)}
                    </time>
                    <div className="min-w-0">
                        {turn.task === null ? (
                            <p>{told(turn)}</p>
                        ) : (
                            <Link className="text-sky underline" href={`/tasks/${turn.task.id}`}>
                                {told(turn)}
                            </Link>
                        )}
                        {turn.reason !== null && <p className="text-ink2">{turn.reason}</p>}
                        {turn.passedOver.length > 0 && (
                            <p className="text-ink2">
                                {say('screen.rotations.passed_over')}{' '}
                                {turn.passedOver.map((one) => `${one.name} (${one.reason})`).join(', ')}
                            </p>
                        )}
                    </div>
                </li>
            ))}
        </ol>
    );
}
