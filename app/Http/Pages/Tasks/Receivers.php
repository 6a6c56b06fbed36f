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
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Objection;
use OpenBaton\Core\Routing\Objections;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Subject\Subject;
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
        $people = $this->people($subject, $give, $objections, $at, $asked);
        $work = WorkReader::of(new Needs($people), $house->snapshot);
        $book = new LoadBook($roster);
        $load = new LoadView($work, $book, $at, $subject);
        $lines = $order = [];
        foreach ($people as $slug) {
            $finish = $load->finishWith($slug);
            $against = [
                ...$give === null ? [] : $objections->byRule($subject, $slug, $give, $load),
                // What is late already is so with everybody.
                ...$subject->dueAt === null || $subject->dueAt < $at
                    ? []
                    : Objections::byTime($subject->dueAt, $finish),
            ];
            $away = $roster->awayUntil($slug, $at);
            $order[] = [$away !== null, count($against), $finish ?? PHP_INT_MAX];
            $lines[] = $this->line($roster->people[$slug], $finish, $against, $at) + [
                'loadPercent' => $book->plan($slug, $load->of($slug), $at)->ratio()->percent(),
                'openTasks' => $load->of($slug)->openTasks(),
            ];
        }
        array_multisort($order, $lines);

        return $lines;
    }

    /**
     * @param list<Objection> $against
     *
     * @return array<string, mixed>
     */
    private function line(Person $person, ?int $finish, array $against, int $at): array
    {
        $roster = $this->viewer->snapshot()->roster;

        return [
            'slug' => $person->id,
            'name' => $person->name,
            'state' => (new Availability($roster))->presence($person, $at)->value,
            'away' => Instant::orNull($roster->awayUntil($person->id, $at)),
            'finishAt' => Instant::orNull($finish),
            'against' => array_map(
                fn(Objection $one): string => ObjectionWords::say($one, $this->viewer->words()),
                $against,
            ),
        ];
    }

    /** @return list<string> slugs */
    private function people(Subject $subject, ?Give $give, Objections $objections, int $at, string $asked): array
    {
        $roster = $this->viewer->snapshot()->roster;
        $near = $give === null ? [] : $objections->pool($subject, $give, $at);
        foreach ($roster->teams as $team) {
            $members = array_column($team->members, 'personId');
            if (array_intersect($members, $subject->holderIds()) !== []) {
                $near = [...$near, ...$members];
            }
        }
        $near = array_filter(
            array_unique([$asked, ...$near]),
            static fn(string $slug): bool => ($roster->people[$slug] ?? null)?->active === true &&
                !in_array($slug, $subject->holderIds(), true),
        );

        return array_slice(array_values($near), 0, self::MOST);
    }
}
