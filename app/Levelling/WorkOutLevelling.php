<?php

declare(strict_types=1);

namespace App\Levelling;

use App\Bridge\Houses;
use App\Bridge\Snapshot;
use App\Models\Levelling\LevelledMove;
use App\Models\Levelling\Levelling;
use App\Models\Levelling\LevellingState;
use App\Refusals\LevellingMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Levelling\Cost;
use OpenBaton\Core\Levelling\Levelled;
use OpenBaton\Core\Levelling\Leveller;
use OpenBaton\Core\Levelling\Move;

/** Works out who else should have which task; whoever looks at it sees how far it is, and may stop it there. */
final class WorkOutLevelling implements ShouldQueue
{
    use Dispatchable;
    use Queueable;

    /** Seconds after which it is said how far it is. */
    private const TELLS = 0.5;

    public int $tries = 2;

    public int $timeout = 300;

    public function __construct(private readonly string $levellingId)
    {
        $this->afterCommit();
    }

    /** It is not left as though it were under way. */
    public function failed(): void
    {
        $this->fails('failed');
    }

    private function fails(string $why): void
    {
        Levelling::query()
            ->find($this->levellingId)
            ?->goes(LevellingState::Working, LevellingState::Failed, [
                'why' => $why,
                'ready_at' => CarbonImmutable::now(),
            ]);
    }

    public function handle(Houses $houses, FindProblem $find): void
    {
        $levelling = Levelling::query()->find($this->levellingId);
        if ($levelling === null || $levelling->state !== LevellingState::Working) {
            return;
        }
        $house = $houses->now();
        try {
            $problem = $find($levelling, $house);
        } catch (LevellingMovedOn) {
            $this->fails('too_many');

            return;
        }
        $leveller = new Leveller(
            $problem->tasks,
            $problem->reach($house->snapshot->roster),
            LevelTerms::read($levelling->terms)->terms(),
        );
        $told = microtime(true);
        $levelled = $leveller->level($levelling->budget, static function (Levelled $best) use (
            $levelling,
            &$told,
        ): bool {
            if (microtime(true) - $told < self::TELLS) {
                return true;
            }
            $told = microtime(true);

            return self::tells($levelling, $best);
        });
        $this->keep($levelling, $problem, $levelled, $house->snapshot);
    }

    /** @return bool whether nobody has stopped it */
    private static function tells(Levelling $levelling, Levelled $best): bool
    {
        Levelling::query()
            ->whereKey($levelling->id)
            ->update(['steps' => $best->steps, 'result' => self::result($best)]);

        return Levelling::query()
            ->whereKey($levelling->id)
            ->where('state', LevellingState::Working)
            ->whereNull('why')
            ->exists();
    }

    private function keep(Levelling $levelling, LevelProblem $problem, Levelled $levelled, Snapshot $house): void
    {
        DB::transaction(static function () use ($levelling, $problem, $levelled, $house): void {
            $now = Levelling::query()->lockForUpdate()->find($levelling->id);
            if ($now === null || $now->state !== LevellingState::Working) {
                return;
            }
            $rows = [];
            foreach ($levelled->moves as $place => $move) {
                $rows[] = self::row($levelling, $place, $move, $house);
            }
            foreach (array_chunk($rows, 500) as $piece) {
                LevelledMove::query()->insert($piece);
            }
            $now->update([
                'state' => LevellingState::Ready,
                'problem' => $problem->write(),
                'result' => self::result($levelled),
                'steps' => $levelled->steps,
                'why' => $now->why ?? ($levelled->steps >= $now->budget ? 'budget' : null),
                'ready_at' => CarbonImmutable::now(),
            ]);
        }, attempts: 3);
    }

    /** @return array<string, mixed> */
    private static function row(Levelling $levelling, int $place, Move $move, Snapshot $house): array
    {
        return [
            'levelling_id' => $levelling->id,
            'place' => $place + 1,
            'group' => $move->group,
            'task_id' => $move->taskId,
            'from_id' => $house->personIds[$move->fromId],
            'to_id' => $house->personIds[$move->toId],
            'left' => false,
        ];
    }

    /** @return array<string, mixed> */
    private static function result(Levelled $levelled): array
    {
        $cost = static fn(Cost $one): array => [
            'late' => $one->late,
            'peak' => [$one->peak->work, $one->peak->time],
            'moves' => $one->moves,
            'breaks' => $one->breaks,
        ];

        return [
            'before' => $cost($levelled->before),
            'after' => $cost($levelled->after),
            'bound' => $levelled->bound,
        ];
    }
}
