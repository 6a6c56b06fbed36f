<?php

declare(strict_types=1);

namespace OpenBaton\Core\Sweep;

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;

/** A sweep changes open tasks that meet its criteria, as a person would; rules answer that. */
final readonly class TaskSwept implements Treatment
{
    private CompiledCriteria $criteria;
    private ChangeFacts $facts;

    /** @param FieldCatalogue $fields against which the sweep was read */
    public function __construct(private Router $router, private Sweep $sweep, FieldCatalogue $fields)
    {
        $this->criteria = CompiledCriteria::compile($sweep->criteria, $fields);
        $this->facts = new ChangeFacts(
            $router->roster,
            $router->rulebook->lookups->and($router->roster->lookups)->and(Lookups::of([$sweep->criteria])),
        );
    }

    public function of(TaskSubject $subject, string $id, int $at): ?ChangeSet
    {
        $facts = $this->facts->of($subject, $subject, $at);
        if (!$subject->status->isOpen() || !$this->criteria->holds($facts)) {
            return null;
        }
        $before = new ChangeSet($id, $at, $subject, $subject, $facts, Cause::Person);
        $after =
            $this->sweep->handTo === null || [$this->sweep->handTo] === $subject->holderIds()
                ? $subject
                : $subject->heldBy($this->sweep->handTo);
        [$after] = $this->router->follow($this->sweep->changes, $before, $after);

        return new ChangeSet(
            $id,
            $at,
            $subject,
            $after,
            $this->router->facts->of($subject, $after, $at),
            Cause::Person,
        );
    }
}
