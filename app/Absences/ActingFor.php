<?php

declare(strict_types=1);

namespace App\Absences;

use App\Bridge\Houses;
use App\Models\Absences\Absence;
use App\Models\Absences\TaskCover;
use App\Models\Access\User;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Rulebook\SeatName;

/** In whose place somebody acts on a task: of whoever is away, while the cover is in force. */
final readonly class ActingFor
{
    public function __construct(private Houses $houses) {}

    /** @return Person|null null: they act for themselves */
    public function of(User $user, Task $task): ?Person
    {
        $person = $user->person;
        if ($person === null || ($task->assignee_id !== $person->id && $task->reviewer_id !== $person->id)) {
            return null;
        }
        foreach ($task->loadMissing('covers')->covers as $cover) {
            [$occupant, $other] =
                $cover->seat === SeatName::Reviewer
                    ? [$task->reviewer_id, $task->assignee_id]
                    : [$task->assignee_id, $task->reviewer_id];
            // Nobody reviews in somebody's place what they hold themselves.
            if ($occupant === $person->id && $other !== $person->id && $this->isInForce($cover)) {
                return $cover->loadMissing('for.user')->for;
            }
        }

        return null;
    }

    private function isInForce(TaskCover $cover): bool
    {
        $house = $this->houses->recent()->snapshot;
        $now = CarbonImmutable::now()->getTimestamp();
        $slug = $house->personSlugs[$cover->for_id] ?? null;
        if ($slug === null) {
            return false;
        }
        if ($house->roster->absenceOf($slug, $now) !== null) {
            return true;
        }
        // It was handed over before the absence begins.
        $absence = $house->roster->absence($slug, $cover->absence);

        return $absence !== null &&
            $now < $absence->span->from &&
            Absence::query()->where('slug', $absence->id)->whereNotNull('handed_over_at')->exists();
    }
}
