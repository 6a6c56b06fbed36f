<?php

declare(strict_types=1);

namespace App\Clock;

use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\SubjectRows;
use App\Database\Stamp;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Tasks\ScheduleMark;
use App\Models\Tasks\Task;
use App\Models\Tasks\Timer;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Subject\HouseSubject;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Timer\RuleTimer;

/**
 * Puts down, for every moment of a schedule that has come, what it acts on: of the open tasks, cases or customers those
 * that meet the criteria of its rule, or the house.
 */
final readonly class PutDownSchedules
{
    private const PIECE = 500;

    public function __construct(private Houses $houses, private SubjectRows $subjects) {}

    /** @param int $now instant */
    public function __invoke(int $now): void
    {
        $house = $this->houses->now();
        $timers = $house->timers();
        $schedules = $timers->rules->schedules;
        $through =
            $schedules === [] ? [] : ScheduleMark::query()->findMany(array_column($schedules, 'id'))->keyBy('timer');
        foreach ($schedules as $timer) {
            // Until when its moments have been put down.
            $last = ($through[$timer->id] ?? null)?->through->getTimestamp() ?? $timer->since - 1;
            for (
                $at = $timers->nextMoment($timer, $last);
                $at !== null && $at <= $now;
                $at = $timers->nextMoment($timer, $at)
            ) {
                $this->putDown($timer, $at, $house);
            }
        }
    }

    /** All of a moment, or nothing: the mark moves on with it. */
    private function putDown(RuleTimer $timer, int $at, HouseAt $house): void
    {
        DB::transaction(function () use ($timer, $at, $house): void {
            $rows = self::rows($timer, $at);
            if ($rows === null) {
                self::put([new HouseSubject()], $timer, $at, $house);
            } else {
                $rows->chunkById(
                    self::PIECE,
                    fn(Collection $some) => self::put($this->subjects->all($some, $house), $timer, $at, $house),
                );
            }
            ScheduleMark::query()->updateOrCreate(['timer' => $timer->id], ['through' => Stamp::of($at)]);
        }, attempts: 3);
    }

    /** @param list<Subject> $subjects of which those count that meet the criteria of the rule */
    private static function put(array $subjects, RuleTimer $timer, int $at, HouseAt $house): void
    {
        $router = $house->router();
        $criteria = $router->rulebook->criteria($timer->position);
        $due = [];
        foreach ($subjects as $subject) {
            $one = $house->timers()->onSchedule($timer, $subject, $at);
            if ($one !== null && $criteria->holds($router->facts->of($subject, $subject, $at))) {
                $due[] = Timer::columns($one);
            }
        }
        Timer::query()->insertOrIgnore($due);
    }

    /** @return Builder<Task>|Builder<CustomerCase>|Builder<Customer>|null null: it is for the house alone */
    private static function rows(RuleTimer $timer, int $at): ?Builder
    {
        return match ($timer->about) {
            SubjectKind::Task => SubjectRows::tasks()->open()->where('arrived_at', '<', Stamp::of($at)),
            SubjectKind::Matter => SubjectRows::cases()->open()->where('opened_at', '<', Stamp::of($at)),
            SubjectKind::Customer => SubjectRows::customers()->offered()->where('created_at', '<', Stamp::of($at)),
            SubjectKind::House => null,
        };
    }
}
