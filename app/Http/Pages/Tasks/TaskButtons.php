<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Bridge\TaskSubjects;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Policies\TaskPolicy;
use OpenBaton\Core\Rulebook\Event\Pressed;
use OpenBaton\Core\Subject\SubjectKind;

/** The buttons that rules put on a task: of rules that are in force and whose criteria hold. */
final readonly class TaskButtons
{
    public function __construct(private Viewer $viewer, private TaskSubjects $subjects) {}

    /** @return list<array{rule: string, label: string}> those that the viewer may press */
    public function of(Task $task): array
    {
        $house = $this->viewer->house();
        $router = $house->router();
        $standings = TaskPolicy::standings($this->viewer->user(), $task);
        $facts = null;
        $now = now()->getTimestamp();
        $buttons = [];
        foreach ($router->rulebook->rulebook->rules as $position => $rule) {
            foreach ($rule->active && $rule->isValidAt($now) ? $rule->events : [] as $event) {
                if (
                    !($event instanceof Pressed) ||
                    $event->about() !== SubjectKind::Task ||
                    !$event->on->includes($task->status->isOpen()) ||
                    !$event->by->includes($standings)
                ) {
                    continue;
                }
                if ($facts === null) {
                    $subject = $this->subjects->of($task->loadMissing(TaskSubjects::RELATIONS), $house);
                    $facts = $router->facts->of($subject, $subject, $now);
                }
                if ($router->rulebook->criteria($position)->holds($facts)) {
                    $buttons[] = ['rule' => $rule->id, 'label' => $event->label];
                }
            }
        }

        return $buttons;
    }

    public function mayPress(Task $task, string $ruleId): bool
    {
        return in_array($ruleId, array_column($this->of($task), 'rule'), true);
    }
}
