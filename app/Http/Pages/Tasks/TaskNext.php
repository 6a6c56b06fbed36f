<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Bridge\TaskSubjects;
use App\Explain\PartWords;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Models\Tasks\Timer;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Timer\Occurrence;
use OpenBaton\Core\Timer\RuleTimer;
use OpenBaton\Core\Timer\Timers;

/** What will happen to a task by itself: the moments that hang on it, with the rule, and what would stop it. */
final readonly class TaskNext
{
    private const MOST = 20;

    public function __construct(private Viewer $viewer, private TaskSubjects $subjects) {}

    /**
     * @param Task $task with TaskSubjects::RELATIONS
     *
     * @return list<array{at: string, what: string, rule: array{id: string, name: string}|null, unless: string}>
     */
    public function of(Task $task): array
    {
        $house = $this->viewer->house();
        $router = $house->router();

        return array_map(
            fn(Occurrence $one): array => [
                'at' => Instant::format($one->at),
                'what' => $this->what($one->timer),
                'rule' =>
                    $one->timer === null
                        ? null
                        : [
                            'id' => $one->timer->ruleId,
                            'name' => $router->rulebook->rulebook->rules[$one->timer->position]->name,
                        ],
                'unless' => $this->unless($one->timer),
            ],
            $this->occurrences($task, $this->subjects->of($task, $house), $router, $house->timers()),
        );
    }

    /** @return list<Occurrence> the nearest, in order of time */
    private function occurrences(Task $task, TaskSubject $subject, Router $router, Timers $timers): array
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $occurrences = $timers->due($subject, min($now, ($task->next_moment_at?->getTimestamp() ?? $now) - 1));
        $facts = $router->facts->of($subject, $subject, $now);
        foreach ($timers->rules->schedules as $timer) {
            // As the task is now: criteria are asked again when the moment comes.
            $at = $router->rulebook->criteria($timer->position)->holds($facts)
                ? $timers->nextMoment($timer, $now)
                : null;
            $occurrences[] = $at === null ? null : $timers->onSchedule($timer, $subject, $at);
        }
        foreach (Timer::query()->where('task_id', $task->id)->whereNull('fired_at')->limit(self::MOST)->get() as $row) {
            $timer = $timers->rules->all[$row->timer] ?? null;
            $occurrences[] =
                $timer === null ? null : new Occurrence($row->key, $timer, $task->id, $row->due_at->getTimestamp());
        }
        $occurrences = array_values(array_filter($occurrences));
        usort($occurrences, static fn(Occurrence $one, Occurrence $other): int => $one->at <=> $other->at);

        return array_slice($occurrences, 0, self::MOST);
    }

    private function what(?RuleTimer $timer): string
    {
        $words = $this->viewer->words();

        return $timer === null
            ? $words->words->say('next.wakes')
            : (new PartWords($words, KindRegistry::standard()))->say(
                Family::Event,
                Node::root(PartFormat::write($timer->event)),
            );
    }

    private function unless(?RuleTimer $timer): string
    {
        $words = $this->viewer->words();

        return match (true) {
            $timer === null => $words->words->say('next.unless_resumed'),
            $timer->event instanceof DateReached && $timer->event->field === 'task.due' => $words->words->say(
                'next.unless_done',
                ['field' => $words->field('task.due')],
            ),
            $timer->event instanceof DateReached => $words->words->say('next.unless_moved', [
                'field' => $words->field($timer->event->field),
            ]),
            default => $words->words->say('next.unless_closed'),
        };
    }
}
