<?php

declare(strict_types=1);

namespace OpenBaton\Core\Sweep;

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Subject\Trigger;

/** A rule of the rulebook acts on open tasks that meet its criteria now, whatever it waits for. */
final readonly class RuleApplied implements Treatment
{
    private function __construct(private Router $router, public Rule $rule, private CompiledCriteria $criteria) {}

    /** @return self|null null: there is no such rule about tasks, or it is paused */
    public static function named(Router $router, string $ruleId): ?self
    {
        foreach ($router->rulebook->rulebook->rules as $position => $rule) {
            if ($rule->id === $ruleId && $rule->active && $rule->about() === SubjectKind::Task) {
                return new self($router, $rule, $router->rulebook->criteria($position));
            }
        }

        return null;
    }

    public function of(TaskSubject $subject, string $id, int $at): ?ChangeSet
    {
        $facts = $this->router->facts->of($subject, $subject, $at);

        return $subject->status->isOpen() && $this->rule->isValidAt($at) && $this->criteria->holds($facts)
            ? new ChangeSet($id, $at, $subject, $subject, $facts, Cause::Person, [
                new Trigger(Trigger::APPLIED, $this->rule->id, $at),
            ])
            : null;
    }
}
