<?php

declare(strict_types=1);

use OpenBaton\Core\Chain\Rehearsal;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\SweepFormat;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Sweep\RuleApplied;
use OpenBaton\Core\Sweep\Swept;
use OpenBaton\Core\Sweep\TaskSwept;
use OpenBaton\Core\Sweep\Treatment;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\StillSurroundings;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\Work;

/** What would come of tasks one after the other; null: it is not for them. @return list<Swept|null> */
function sweptAll(Treatment $treatment, Router $router, TaskSubject ...$tasks): array
{
    $rehearsal = new Rehearsal($router, new StillSurroundings(Work::of([]), new Rotations()));
    $swept = [];
    foreach ($tasks as $number => $task) {
        $change = $treatment->of($rehearsal->subject($task), "s{$number}", Build::at(Story::NOW));
        $swept[] = $change === null ? null : Swept::of($change, $rehearsal->run($change));
    }

    return $swept;
}

/** @param list<Rule> $rules @return list<Swept|null> */
function applied(array $rules, string $ruleId, TaskSubject ...$tasks): array
{
    $router = Story::router($rules);

    return sweptAll(
        RuleApplied::named($router, $ruleId) ?? throw new LogicException('No such rule.'),
        $router,
        ...$tasks,
    );
}

/** @param array<string, mixed> $document @param list<Rule> $rules @return list<Swept|null> */
function sweptBy(array $document, array $rules, TaskSubject ...$tasks): array
{
    $router = Story::router($rules);
    $sweep = (new SweepFormat(Build::context()))->read(Node::root($document));

    return sweptAll(new TaskSwept($router, $sweep, Build::fields()), $router, ...$tasks);
}

/** State, from whom, to whom, who answered. */
function saidOf(?Swept $swept): ?string
{
    return $swept === null
        ? null
        : implode(' ', [
            $swept->state->value,
            $swept->before->holderId ?? '-',
            $swept->after->holderId ?? '-',
            ...$swept->answered,
        ]);
}
