<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Bridge\HouseState;
use App\Bridge\Routers;
use App\Explain\PartWords;
use App\Http\Viewer;
use App\Models\Task;
use App\Models\Timer;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Timer\RuleTimer;

/** What will happen to a task by itself: the moments that hang on it, with the rule, and what would stop it. */
final readonly class TaskNext
{
    private const MOST = 20;

    public function __construct(private Viewer $viewer, private Routers $routers) {}

    /** @return list<array{at: string, what: string, rule: array{id: string, name: string}|null, unless: string}> */
    public function of(Task $task): array
    {
        $state = HouseState::read();
        $timers = $this->routers->timers($state, $this->viewer->snapshot());
        $names = array_column($this->routers->at($state, $this->viewer->snapshot())->rulebook->rulebook->rules, 'name', 'id');
        $next = [];
        foreach (Timer::query()->where('task_id', $task->id)->whereNull('fired_at')->orderBy('due_at')->limit(self::MOST)->get() as $row) {
            $timer = $row->timer === null ? null : $timers->named($row->timer);
            if ($row->timer !== null && $timer === null) {
                continue;
            }
            $next[] = [
                'at' => Moment::of($row->due_at),
                'what' => $this->what($timer),
                'rule' => $timer === null ? null : ['id' => $timer->ruleId, 'name' => $names[$timer->ruleId] ?? $timer->ruleId],
                'unless' => $this->unless($timer),
            ];
        }

        return $next;
    }

    private function what(?RuleTimer $timer): string
    {
        $words = $this->viewer->words();

        return $timer === null
            ? $words->words->say('next.wakes')
            : (new PartWords($words, KindRegistry::standard()))->say(Family::Event, Node::root(PartFormat::write($timer->event)));
    }

    private function unless(?RuleTimer $timer): string
    {
        $words = $this->viewer->words();

        return match (true) {
            $timer === null => $words->words->say('next.unless_resumed'),
            $timer->event instanceof DateReached && $timer->event->field === 'task.due' => $words->words->say('next.unless_done', ['field' => $words->field('task.due')]),
            $timer->event instanceof DateReached => $words->words->say('next.unless_moved', ['field' => $words->field($timer->event->field)]),
            default => $words->words->say('next.unless_closed'),
        };
    }
}
