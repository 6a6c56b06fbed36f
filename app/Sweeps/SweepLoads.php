<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Bridge\HouseAt;
use App\Bridge\WorkReader;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Chain\Rehearsal;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\PersonWork;

/** The load of people before a sweep and as it would be after it. */
final class SweepLoads
{
    /**
     * @param list<string> $people slugs
     *
     * @return list<array{person: string, before: int|null, after: int|null, tasks_before: int, tasks_after: int}> in
     *     percent, null: no working time; the most burdened first
     */
    public static function of(array $people, Rehearsal $after, HouseAt $house): array
    {
        $at = CarbonImmutable::now()->getTimestamp();
        $needs = new Needs($people, [], []);
        $before = WorkReader::of($needs, $house->snapshot);
        $afterwards = $after->work($needs);
        $book = new LoadBook($house->snapshot->roster);
        $percent = static fn(string $slug, PersonWork $work): ?int => $book
            ->plan($slug, $work, $at)
            ->ratio()
            ->percent();
        $loads = array_map(
            static fn(string $slug): array => [
                'person' => $slug,
                'before' => $percent($slug, $before->held($slug)),
                'after' => $percent($slug, $afterwards->held($slug)),
                'tasks_before' => count($before->held($slug)->loading),
                'tasks_after' => count($afterwards->held($slug)->loading),
            ],
            $people,
        );
        usort(
            $loads,
            static fn(array $one, array $other): int => [
                $other['tasks_after'] - $other['tasks_before'],
                $one['person'],
            ] <=> [$one['tasks_after'] - $one['tasks_before'], $other['person']],
        );

        return $loads;
    }
}
