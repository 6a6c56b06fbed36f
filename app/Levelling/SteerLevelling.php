<?php

declare(strict_types=1);

namespace App\Levelling;

use App\Bridge\Houses;
use App\Models\Access\User;
use App\Models\Levelling\Levelling;
use App\Models\Levelling\LevellingState;
use App\Refusals\LevellingMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\WorkingTime;

/** Begins a levelling, stops it with what is best so far, and chooses what of it is to be taken. */
final readonly class SteerLevelling
{
    /** Assignments that are looked at: some seconds of a worker's time. */
    public const BUDGET = 60_000;

    /** Days within which as many working days are looked for. */
    private const FURTHEST = 60;

    public function __construct(private Houses $houses) {}

    /** @param list<string> $teams slugs; none: everybody */
    public function begin(array $teams, LevelTerms $terms, User $by): Levelling
    {
        $now = CarbonImmutable::now();
        $levelling = Levelling::query()->create([
            'user_id' => $by->id,
            'state' => LevellingState::Working,
            'teams' => $teams,
            'terms' => $terms->write(),
            'at' => $now,
            'until' => CarbonImmutable::createFromTimestamp(
                self::until($this->houses->recent()->snapshot->roster->house, $now->getTimestamp(), $terms->days),
            ),
            'budget' => self::BUDGET,
            'begun_at' => $now,
        ]);
        WorkOutLevelling::dispatch($levelling->id);

        return $levelling;
    }

    /** The end of the last of some working days, the day that is under way among them. */
    private static function until(WorkingHours $house, int $now, int $days): int
    {
        $open = (new WorkingTime($house))->openDays($house->zone()->dateAt($now), self::FURTHEST, $now);
        $last = array_slice($open, 0, $days)[$days - 1] ?? end($open);

        return $last === false ? $now : $house->zone()->instant($last->plus(1), 0);
    }

    /** @throws LevellingMovedOn where it is ready by now */
    public function stop(Levelling $levelling): void
    {
        $stopped = Levelling::query()
            ->whereKey($levelling->id)
            ->where('state', LevellingState::Working)
            ->update(['why' => 'stopped']);
        if ($stopped === 0) {
            throw LevellingMovedOn::since();
        }
    }

    /**
     * Takes moves of a group, or leaves them, whole.
     *
     * @throws LevellingMovedOn where it was applied by now
     */
    public function choose(Levelling $levelling, int $group, bool $left): void
    {
        DB::transaction(static function () use ($levelling, $group, $left): void {
            $now = Levelling::query()->lockForUpdate()->findOrFail($levelling->id);
            if ($now->state !== LevellingState::Ready) {
                throw LevellingMovedOn::since();
            }
            $now->moves()
                ->where('group', $group)
                ->update(['left' => $left]);
        }, attempts: 3);
    }
}
