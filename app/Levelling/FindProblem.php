<?php

declare(strict_types=1);

namespace App\Levelling;

use App\Bridge\HouseAt;
use App\Bridge\PlacingRules;
use App\Bridge\TaskSubjects;
use App\Models\Levelling\Levelling;
use App\Models\Tasks\Task;
use App\Refusals\LevellingMovedOn;
use OpenBaton\Core\Levelling\Movable;
use OpenBaton\Core\Levelling\ToLevel;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\WorkItem;

/** Reads what there is to level, with who may have what. */
final readonly class FindProblem
{
    /** Tasks that are looked at; beyond, fewer people or days are to be chosen. */
    public const MOST = 5_000;

    /** Tasks that are read in one round trip. */
    private const PIECE = 500;

    public function __construct(private TaskSubjects $subjects) {}

    /** @throws LevellingMovedOn where there are too many tasks */
    public function __invoke(Levelling $levelling, HouseAt $house): LevelProblem
    {
        $people = self::people($levelling->teams, $house);
        $at = $levelling->at->getTimestamp();
        $toLevel = new ToLevel(
            $house->router(),
            $people,
            $at,
            $levelling->until->getTimestamp(),
            LevelTerms::read($levelling->terms)->working,
        );
        $ids = Task::query()
            ->concerning(array_map(static fn(string $slug): string => $house->snapshot->personIds[$slug], $people))
            ->open()
            ->where('status', '<>', TaskStatus::Waiting)
            // What is due later, or not at all, makes nothing late that is due before.
            ->where('due_at', '<=', $levelling->until)
            ->limit(self::MOST + 1)
            ->pluck('id');
        if ($ids->count() > self::MOST) {
            throw LevellingMovedOn::tooMany(self::MOST);
        }
        $found = [];
        foreach ($ids->chunk(self::PIECE) as $piece) {
            $tasks = Task::query()->with(TaskSubjects::RELATIONS)->findMany($piece->all());
            $rules = PlacingRules::of($tasks->modelKeys(), $house->router()->rulebook->rulebook);
            foreach ($this->subjects->all($tasks, $house) as $subject) {
                foreach ($toLevel->of($subject, $rules[$subject->id] ?? null) as $movable) {
                    $found[] = [$subject->asWork(), $movable];
                }
            }
        }
        usort($found, static fn(array $a, array $b): int => WorkItem::compare($a[0], $b[0]));

        return new LevelProblem(array_map(static fn(array $one): Movable => $one[1], $found), $people, $at);
    }

    /**
     * @param list<string> $teams slugs; none: everybody
     *
     * @return list<string> slugs of active people, each once
     */
    private static function people(array $teams, HouseAt $house): array
    {
        $roster = $house->snapshot->roster;
        $people = [];
        foreach ($teams as $team) {
            foreach ($roster->teams[$team]->members ?? [] as $member) {
                $people[$member->personId] = $roster->people[$member->personId];
            }
        }
        $chosen = $teams === [] ? $roster->people : $people;

        return array_values(
            array_map(
                static fn(Person $one): string => $one->id,
                array_filter($chosen, static fn(Person $one): bool => $one->active),
            ),
        );
    }
}
