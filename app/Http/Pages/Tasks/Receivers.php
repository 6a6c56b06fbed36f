<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Bridge\PlacingRules;
use App\Bridge\TaskSubjects;
use App\Bridge\WorkReader;
use App\Http\Pages\ObjectionWords;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Colleagues;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Objection;
use OpenBaton\Core\Routing\Objections;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\LoadView;

/**
 * Who could have a task: how loaded each is, when they would be done with it, and what stands against them by the rule
 * that placed it. Those whom the rule chooses from come first, then those in the teams of whoever has it. Its type is
 * Receivers.ts.
 */
final readonly class Receivers
{
    /** Figures are worked out for as many. */
    private const MOST = 24;

    public function __construct(private Viewer $viewer, private TaskSubjects $subjects) {}

    /**
     * @param string $asked slug of one of them who is to be there, too
     *
     * @return list<array<string, mixed>> the likeliest first
     */
    public function of(Task $task, string $asked = ''): array
    {
        $at = CarbonImmutable::now()->getTimestamp();
        $house = $this->viewer->house();
        $roster = $house->snapshot->roster;
        $router = $house->router();
        $subject = $this->subjects->of($task->loadMissing(TaskSubjects::RELATIONS), $house);
        $give = PlacingRules::of([$task->id], $router->rulebook->rulebook)[$task->id] ?? null;
        $objections = new Objections($roster, $router->facts);
        $pool = $give === null ? [] : $objections->pool($subject, $give, $at);
        $people = self::people($subject, $pool, $roster, $at, $asked);
        $work = WorkReader::of(new Needs($people), $house->snapshot);
        $book = new LoadBook($roster);
        $load = new LoadView($work, $book, $at, $subject);
        $availability = new Availability($roster);
        $words = $this->viewer->words();
        $lines = $order = [];
        foreach ($people as $slug) {
            $finish = $load->finishWith($slug);
            $against = [
                ...$give === null ? [] : $objections->byRule($slug, $give, $pool, $load),
                // What is late already is so with everybody.
                ...$subject->dueAt === null || $subject->dueAt < $at
                    ? []
                    : Objections::byTime($subject->dueAt, $finish),
            ];
            $away = $roster->awayUntil($slug, $at);
            $held = $load->of($slug);
            $order[] = [$away !== null, count($against), $finish ?? PHP_INT_MAX];
            $lines[] = [
                'slug' => $slug,
                'name' => $roster->people[$slug]->name,
                'state' => $availability->presence($roster->people[$slug], $at)->value,
                'away' => Instant::orNull($away),
                'finishAt' => Instant::orNull($finish),
                'against' => array_map(
                    static fn(Objection $one): string => ObjectionWords::say($one, $words),
                    $against,
                ),
                'loadPercent' => $book->plan($slug, $held, $at)->ratio()->percent(),
                'openTasks' => $held->openTasks(),
            ];
        }
        array_multisort($order, $lines);

        return $lines;
    }

    /**
     * @param list<string> $pool slugs of those whom the rule chooses from
     *
     * @return list<string> slugs
     */
    private static function people(TaskSubject $subject, array $pool, Roster $roster, int $at, string $asked): array
    {
        $holders = $subject->holderIds();
        $near = [$asked, ...$pool];
        foreach ($holders as $holder) {
            $near = [...$near, ...(new Colleagues($roster, $holder))->inTeams($at)];
        }
        $free = array_filter(
            array_unique($near),
            static fn(string $slug): bool => ($roster->people[$slug] ?? null)?->active === true &&
                !in_array($slug, $holders, true),
        );

        return array_slice(array_values($free), 0, self::MOST);
    }
}
