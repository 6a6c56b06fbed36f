<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\Bridge\CaseSubjects;
use App\Bridge\ChangeRunner;
use App\Bridge\Houses;
use App\Bridge\LockedHouse;
use App\Bridge\Snapshot;
use App\Bridge\WorkReader;
use App\Models\Cases\CustomerCase;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\CaseCoverMoves;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Subject\ChangeSet;

/** Moves cases between somebody and their substitutes, as MoveCovered does tasks: in pieces, each under a lock. */
final readonly class MoveCoveredCases
{
    private const PIECE = 20;

    public function __construct(private Houses $houses, private CaseSubjects $cases, private ChangeRunner $runner) {}

    /**
     * @param string $person slug
     * @param int    $at     instant
     *
     * @return int how many have moved
     */
    public function __invoke(string $person, Actor $by, int $at): int
    {
        $count = 0;
        do {
            $moved = DB::transaction(fn(): int => $this->piece($this->houses->lock(), $person, $by, $at), attempts: 3);
            $count += $moved;
            // What has moved is as it should be, and is not found again.
        } while ($moved === self::PIECE);

        return $count;
    }

    private function piece(LockedHouse $locked, string $person, Actor $by, int $at): int
    {
        $house = $locked->house->snapshot;
        $found = self::concerning($person, $house)->lockForUpdate()->get();
        if ($found->isEmpty()) {
            return 0;
        }
        $moves = (new CaseCoverMoves($house->roster, $locked->house->router()->facts, WorkToMove::early()))->of(
            $person,
            $this->cases->all($found, $locked->house),
            WorkReader::of(new Needs([$person], [], []), $house)->held($person),
            $at,
        );
        $moves = array_slice($moves, 0, self::PIECE);
        $rows = $found->keyBy('id');
        foreach ($moves as $move) {
            $row = $rows[$move->after->id] ?? null;
            if ($row === null) {
                continue;
            }
            $occasion = MoveCovered::occasion($move, $house, $by, $at);
            $change = new ChangeSet(
                "cover-{$row->id}-{$row->revision}",
                $at,
                $move->before,
                $move->after,
                $locked->house->router()->facts->of($move->before, $move->after, $at),
                $occasion->cause,
            );
            $this->runner->run($locked, $occasion, [$change], [$row->id => $row]);
        }

        return count($moves);
    }

    /** @return Builder<CustomerCase> open ones that somebody owns, or that others own in their place */
    public static function concerning(string $person, Snapshot $house): Builder
    {
        $id = $house->personIds[$person];

        return CustomerCase::query()
            ->with(CaseSubjects::RELATIONS)
            ->open()
            ->where(
                static fn(Builder $some): Builder => $some
                    ->where('owner_id', $id)
                    ->orWhere('covering_for_id', $id)
                    ->orWhere(
                        static fn(Builder $via): Builder => $via
                            ->whereNotNull('covering_for_id')
                            ->whereJsonContains('covering->via', $person),
                    ),
            )
            ->orderBy('id');
    }
}
