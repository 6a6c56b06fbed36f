<?php

declare(strict_types=1);

namespace App\Rules;

use App\Bridge\HouseAt;
use App\Bridge\RotationStore;
use App\Bridge\TaskSubjects;
use App\Bridge\WorkReader;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * What rules would do with a task if it came now, as it is: all of them, or one alone, whatever it waits for and
 * whatever stands above it. Nothing is changed by it.
 */
final readonly class TryRules
{
    public function __construct(private TaskSubjects $subjects) {}

    /**
     * @param Task        $task   with TaskSubjects::RELATIONS
     * @param string|null $ruleId null: all of them
     *
     * @return Tried|null null: there is no such rule
     */
    public function __invoke(Task $task, HouseAt $house, CompiledRulebook $rulebook, ?string $ruleId): ?Tried
    {
        $subject = $this->subjects->of($task, $house);
        $all = self::decide(self::arriving($subject), $subject, $house, $rulebook);
        if ($ruleId === null) {
            return new Tried($all);
        }
        foreach ($rulebook->rulebook->rules as $position => $rule) {
            if ($rule->id === $ruleId) {
                $decider = $all->decidedBy !== null && $all->decidedBy < $position ? $all->decidingRule() : null;

                return self::alone($rule, $subject, $house, $rulebook->rulebook, $decider?->name);
            }
        }

        return null;
    }

    private static function alone(
        Rule $rule,
        Subject $subject,
        HouseAt $house,
        Rulebook $rulebook,
        ?string $before,
    ): Tried {
        $arrives = array_filter($rule->events, static fn(EventKind $one): bool => $one instanceof TaskArrives) !== [];
        $tried = $arrives ? self::arriving($subject) : self::happening($rule->give, $subject);
        $alone = new Rule($rule->id, $rule->name, [new TaskArrives()], $rule->criteria, $rule->give, $rule->followUps);
        $decision = self::decide(
            $tried,
            $subject,
            $house,
            CompiledRulebook::compile(new Rulebook($rulebook->fields, [$alone]), 'alone'),
        );
        $criteria = CompiledCriteria::compile($rule->criteria, $rulebook->fields)->trace($decision->change->facts);

        return new Tried($decision, $rule, $criteria, $before);
    }

    /** As it would come: nobody has it yet. */
    private static function arriving(Subject $subject): Subject
    {
        return $subject->inStatus(TaskStatus::New)->heldBy(null)->reviewedBy(null);
    }

    /** As it is when something else happens to it: who is looked for leaves the seat empty. */
    private static function happening(?Give $give, Subject $subject): Subject
    {
        if ($give?->seat === SeatName::Reviewer) {
            return $subject->inStatus(TaskStatus::InReview)->reviewedBy(null);
        }

        return $subject->status->isOpen() ? $subject : $subject->inStatus(TaskStatus::Working);
    }

    /** @param Subject $is as it is: it does not count as work of whoever has it */
    private static function decide(Subject $subject, Subject $is, HouseAt $house, CompiledRulebook $rulebook): Decision
    {
        $router = $house->routerBy($rulebook);
        $change = self::change($subject, $router);
        $needs = $router->needs($change);

        return $router->decide(
            $change,
            WorkReader::of($needs, $house->snapshot)->after($is->asWork(), $subject->asWork()),
            RotationStore::read($needs->rotations, $house->snapshot),
        );
    }

    private static function change(Subject $subject, Router $router): ChangeSet
    {
        $now = CarbonImmutable::now()->getTimestamp();

        return new ChangeSet('try', $now, null, $subject, $router->facts->of(null, $subject, $now));
    }
}
