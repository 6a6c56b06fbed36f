import type { RotationSeat } from '@props/Rules/RotationsPage';
import { useFormats, type Formats } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import type { Correction } from './CorrectDialog';

function when(seat: RotationSeat, formats: Formats): string {
    if (seat.left) return say('screen.rotations.left');
    if (seat.turn === 1) return say('screen.rotations.next');
    if (seat.turn !== null) return say('screen.rotations.in_turns', { turns: seat.turn - 1 });
    if (seat.awayUntil !== null) {
        return say('people.away_to', { day: formats.lastDay(seat.awayUntil) });
    }
    return say('screen.rotations.not_now');
}

type Props = { seats: RotationSeat[]; onCorrect: ((correction: Correction) => void) | null };

/** Who is in it, those whose turn comes first, first. */
export function Seats({ seats, onCorrect }: Props) {
    const formats = useFormats();
    return (
        <table className="w-full">
            <thead>
                <tr className="border-b border-line text-start text-ink2">
                    <th className="py-1 text-start font-medium">{say('screen.rotations.who')}</th>
                    <th className="text-start font-medium">{say('screen.rotations.when')}</th>
                    <th className="text-end font-medium">{say('screen.rotations.weight')}</th>
                    {onCorrect !== null && (
                        <th>
                            <span className="sr-only">{say('screen.rotations.correct')}</span>
                        </th>
                    )}
                </tr>
            </thead>
            <tbody>
                {seats.map((seat) => (
                    <tr key={seat.person} className="border-b border-line">
                        <td className="py-1 pe-3 whitespace-nowrap">{seat.name}</td>
                        <td className={seat.turn === 1 ? 'font-semibold text-pine' : 'text-ink2'}>
                            {when(seat, formats)}
                        </td>
                        <td className="text-end">{say('screen.rotations.share', { percent: seat.weight })}</td>
                        {onCorrect !== null && (
                            <td className="ps-3 text-end whitespace-nowrap">
                                <Button
                                    look="quiet"
                                    className="min-h-6"
                                    aria-label={say('screen.rotations.skip_of', { person: seat.name })}
                                    onClick={() => onCorrect({ act: 'skipped', person: seat.person, name: seat.name })}
                                >
                                    {say('screen.rotations.skip')}
                                </Button>
                                <Button
                                    look="quiet"
                                    className="min-h-6"
                                    aria-label={say('screen.rotations.put_back_of', { person: seat.name })}
                                    onClick={() => onCorrect({ act: 'put_back', person: seat.person, name: seat.name })}
                                >
                                    {say('screen.rotations.put_back')}
                                </Button>
                            </td>
                        )}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
