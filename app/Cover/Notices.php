<?php

declare(strict_types=1);

namespace App\Cover;

use App\Bridge\Snapshot;
use App\Database\Stamp;
use App\Models\Notice;
use App\Models\NoticeKind;
use OpenBaton\Core\Absence\CoverMove;
use OpenBaton\Core\Absence\CoverMoveKind;

/** Tells people of tasks that came to them, or went from them, by the doing of others. */
final class Notices
{
    public static function moved(CoverMove $move, Snapshot $house, int $at): void
    {
        $before = $move->before->occupant($move->seat);
        $after = $move->after->occupant($move->seat);
        match ($move->kind) {
            CoverMoveKind::Passes => self::tell($move->after->id, $house, $at, [$after, NoticeKind::Covers, $move->forId], [$move->forId, NoticeKind::Covered, $after]),
            CoverMoveKind::PassesOn => self::tell($move->after->id, $house, $at, [$after, NoticeKind::Covers, $move->forId], [$before, NoticeKind::Lost, $after], [$move->forId, NoticeKind::Covered, $after]),
            CoverMoveKind::ComesBack => self::tell($move->after->id, $house, $at, [$move->forId, NoticeKind::Back, $before], [$before, NoticeKind::GivenBack, $move->forId]),
            CoverMoveKind::Stays => self::tell($move->after->id, $house, $at, [$after, NoticeKind::Keeps, $move->forId], [$move->forId, NoticeKind::Kept, $after]),
        };
    }

    /** That somebody has given what one person had to another. */
    public static function handedOn(string $taskId, ?string $from, ?string $to, ?string $by, Snapshot $house, int $at): void
    {
        self::tell($taskId, $house, $at, ...array_filter([
            $to === $by ? null : [$to, NoticeKind::Got, $from],
            $from === $by ? null : [$from, NoticeKind::Lost, $to],
        ]));
    }

    /** @param array{string|null, NoticeKind, string|null} ...$notices whom to tell, what, and who else it is about, by slug */
    private static function tell(string $taskId, Snapshot $house, int $at, array ...$notices): void
    {
        foreach ($notices as [$person, $kind, $other]) {
            if ($person !== null) {
                Notice::query()->create([
                    'person_id' => $house->personIds[$person],
                    'task_id' => $taskId,
                    'kind' => $kind,
                    'other_id' => $other === null ? null : $house->personIds[$other],
                    'at' => Stamp::of($at),
                ]);
            }
        }
    }
}
