<?php

declare(strict_types=1);

namespace App\Cover;

use App\Bridge\Snapshot;
use App\Database\Id;
use App\Database\Stamp;
use App\Models\Notice;
use App\Models\NoticeKind;
use OpenBaton\Core\Absence\CoverMove;
use OpenBaton\Core\Absence\CoverMoveKind;

/** Tells people of tasks that came to them, or went from them, by the doing of others. */
final class Notices
{
    private const PIECE = 500;

    /** @var list<array<string, mixed>> */
    private array $rows = [];

    public function __construct(private readonly Snapshot $house, private readonly int $at) {}

    public function moved(CoverMove $move): void
    {
        $before = $move->before->occupant($move->seat);
        $after = $move->after->occupant($move->seat);
        match ($move->kind) {
            CoverMoveKind::Passes => $this->tell($move->after->id, [$after, NoticeKind::Covers, $move->forId], [$move->forId, NoticeKind::Covered, $after]),
            CoverMoveKind::PassesOn => $this->tell($move->after->id, [$after, NoticeKind::Covers, $move->forId], [$before, NoticeKind::Lost, $after], [$move->forId, NoticeKind::Covered, $after]),
            CoverMoveKind::ComesBack => $this->tell($move->after->id, [$move->forId, NoticeKind::Back, $before], [$before, NoticeKind::GivenBack, $move->forId]),
            CoverMoveKind::Stays => $this->tell($move->after->id, [$after, NoticeKind::Keeps, $move->forId], [$move->forId, NoticeKind::Kept, $after]),
        };
    }

    /** That somebody has given what one person had to another. */
    public function handedOn(string $taskId, ?string $from, ?string $to, ?string $by): void
    {
        $this->tell($taskId, ...array_filter([
            $to === $by ? null : [$to, NoticeKind::Got, $from],
            $from === $by ? null : [$from, NoticeKind::Lost, $to],
        ]));
    }

    /** @param array{string|null, NoticeKind, string|null} ...$notices whom to tell, what, and who else it is about, by slug */
    private function tell(string $taskId, array ...$notices): void
    {
        foreach ($notices as [$person, $kind, $other]) {
            if ($person !== null) {
                $this->rows[] = [
                    'id' => Id::next(),
                    'person_id' => $this->house->personIds[$person],
                    'task_id' => $taskId,
                    'kind' => $kind->value,
                    'other_id' => $other === null ? null : $this->house->personIds[$other],
                    'at' => Stamp::of($this->at),
                ];
            }
        }
    }

    public function save(): void
    {
        foreach (array_chunk($this->rows, self::PIECE) as $rows) {
            Notice::query()->insert($rows);
        }
        $this->rows = [];
    }
}
