<?php

declare(strict_types=1);

use OpenBaton\Core\Chain\Link;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\PriorityStep;
use OpenBaton\Core\Rulebook\FollowUp\StepPriority;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\Priority;

require_once __DIR__ . '/ChainFunctions.php';

it('carries out what follows, first in first out, and says what caused what', function (): void {
    $task = Story::task();
    $rules = [
        onTag('a', new AddTag('b'), new AddTag('c')),
        onTag('b', new StepPriority(PriorityStep::Up)),
        onTag('c', new AddTag('d')),
    ];
    $chain = Story::run($rules, Story::change($task, $task->tagged('a'), $rules));
    expect(Story::told($chain))->toBe(['0 t1 on-a kept femi', '1 t1 on-b+on-c kept femi', '2 t1 nobody listens']);
    expect(array_map(static fn(Link $link): ?int => $link->causedBy, $chain->links))->toBe([null, 0, 1]);
    expect(array_map(static fn(Link $link): Cause => $link->change->cause, $chain->links))->toBe([
        Cause::Person,
        Cause::FollowUp,
        Cause::FollowUp,
    ]);
    expect($chain->subjects['t1']->tags)->toBe(['a', 'b', 'c', 'd']);
    expect($chain->subjects['t1']->priority)->toBe(Priority::High);
    expect($chain->cut)->toBeNull();
});

it('raises nothing where an effect changes nothing', function (): void {
    $task = Story::task()->tagged('b');
    $rules = [onTag('a', new AddTag('b'), new StepPriority(PriorityStep::Up), new StepPriority(PriorityStep::Down))];
    $chain = Story::run($rules, Story::change($task, $task->tagged('a'), $rules));
    expect(Story::told($chain))->toBe(['0 t1 on-a kept femi']);
});

it('records no decision where no rule listens', function (): void {
    $task = Story::task();
    $chain = Story::run([review()], Story::change($task, $task->tagged('a')));
    expect(Story::told($chain))->toBe(['0 t1 nobody listens']);
    expect($chain->links[0]->decision)->toBeNull();
});
