<?php

declare(strict_types=1);

namespace App\Rules;

use App\Bridge\DoneTasks;
use App\Bridge\HouseAt;
use App\Bridge\RotationStore;
use App\Bridge\TaskSubjects;
use App\Bridge\WorkReader;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * What rules would do with a task if it came now, as it is: all of them, or one alone, whatever it waits for and
 * whatever stands above it. Nothing is changed by it.
 */
final readonly class TryRules
{
    public function __construct(private TaskSubjects $subjects) {}

    /**
     * @param string|null $ruleId null: all of them
     *
     * @return Tried|null null: there is no such rule
     */
    public function __invoke(TaskSubject $subject, HouseAt $house, CompiledRulebook $rulebook, ?string $ruleId): ?Tried
    {
        $all = self::decide([[$subject, self::arriving($subject)]], $house, $rulebook)[$subject->id];
        if ($ruleId === null) {
            return new Tried($all);
        }
        foreach ($rulebook->rulebook->rules as $position => $rule) {
            if ($rule->id === $ruleId) {
                $decision = self::alone([$subject], $rule, $house, $rulebook->rulebook)[$subject->id];
                $criteria = CompiledCriteria::compile($rule->criteria, $rulebook->rulebook->fields);
                $decider = $all->decidedBy !== null && $all->decidedBy < $position ? $all->decidingRule() : null;

                return new Tried($decision, $rule, $criteria->trace($decision->change->facts), $decider?->name);
            }
        }

        return null;
    }

    /**
     * Several tasks with one rule alone, by a query for each kind of thing that has to be known.
     *
     * @param iterable<Task> $tasks with TaskSubjects::RELATIONS
     *
     * @return array<string, Decision> by id of the task
     */
    public function each(iterable $tasks, HouseAt $house, Rulebook $rulebook, Rule $rule): array
    {
        $subjects = [];
        foreach ($tasks as $task) {
            $subjects[] = $this->subjects->of($task, $house);
        }

        return self::alone($subjects, $rule, $house, $rulebook);
    }

    /**
     * @param list<TaskSubject> $subjects
     *
     * @return array<string, Decision> by id of the task
     */
    private static function alone(array $subjects, Rule $rule, HouseAt $house, Rulebook $rulebook): array
    {
        // It waits for nothing, and is always valid.
        $bare = new Rule($rule->id, $rule->name, [new TaskArrives()], $rule->criteria, $rule->give, $rule->followUps);
        $arrives = $rule->waitsFor(TaskArrives::class);

        return self::decide(
            array_map(
                static fn(TaskSubject $is): array => [
                    $is,
                    $arrives ? self::arriving($is) : self::happening($rule->give, $is),
                ],
                $subjects,
            ),
            $house,
            CompiledRulebook::compile(new Rulebook($rulebook->fields, [$bare]), 'alone'),
        );
    }

    /** As it would come: nobody has it yet. */
    private static function arriving(TaskSubject $subject): TaskSubject
    {
        return $subject->inStatus(TaskStatus::New)->heldBy(null)->reviewedBy(null);
    }

    /** As it is when something else happens to it: who is looked for leaves the seat empty. */
    private static function happening(?Give $give, TaskSubject $subject): TaskSubject
    {
        if ($give?->seat === SeatName::Reviewer) {
            return $subject->inStatus(TaskStatus::InReview)->reviewedBy(null);
        }

        return $subject->status->isOpen() ? $subject : $subject->inStatus(TaskStatus::Working);
    }

    /**
     * @param list<array{TaskSubject, TaskSubject}> $tasks each as it is, and as it would come
     *
     * @return array<string, Decision> by id of the task
     */
    private static function decide(array $tasks, HouseAt $house, CompiledRulebook $rulebook): array
    {
        $router = $house->routerBy($rulebook);
        $now = CarbonImmutable::now()->getTimestamp();
        $changes = [];
        $needs = new Needs();
        $done = $rulebook->lookups->kin ? DoneTasks::with(array_column($tasks, 1), $house->snapshot) : [];
        foreach ($tasks as $place => [, $subject]) {
            $facts = $router->facts->of(null, $subject, $now)->knowing($done[$subject->id] ?? []);
            $changes[$place] = new ChangeSet('try', $now, null, $subject, $facts);
            $needs = $needs->and($router->needs($changes[$place]));
        }
        $work = WorkReader::of($needs, $house->snapshot);
        $rotations = RotationStore::read($needs->rotations, $house->snapshot);
        $decisions = [];
        foreach ($tasks as $place => [$is, $subject]) {
            // It does not count as work of whoever has it.
            $without = $work->after($is->asWork(), $subject->asWork());
            $decisions[$subject->id] = $router->decide($changes[$place], $without, $rotations);
        }

        return $decisions;
    }
}
