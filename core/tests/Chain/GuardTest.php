<?php

declare(strict_types=1);

use OpenBaton\Core\Chain\Chain;
use OpenBaton\Core\Chain\CutReason;
use OpenBaton\Core\Chain\Link;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\MergedText;

it('goes no deeper than its guard', function (): void {
    $rule = Build::rule('breed', null, then: [new CreateTask('quote', MergedText::parse('One more'))], when: [new TaskArrives()]);
    $chain = Story::run([$rule], Story::change(null, Story::task(), [$rule]));
    expect(count($chain->links))->toBe(Chain::DEEPEST + 2)
        ->and($chain->cut?->reason)->toBe(CutReason::TooDeep)
        ->and($chain->cut?->ruleIds)->toBe(['breed'])
        ->and($chain->links[33]->decision)->toBeNull()
        ->and($chain->links[33]->generation)->toBe(33);
});

it('makes no more tasks than its guard', function (): void {
    $make = array_fill(0, 15, new CreateTask('quote', MergedText::parse('One more')));
    $rule = Build::rule('breed', null, then: $make, when: [new TaskArrives()]);
    $chain = Story::run([$rule], Story::change(null, Story::task(), [$rule]));
    $arrivals = array_filter($chain->links, static fn(Link $link): bool => $link->change->isArrival());
    expect(count($arrivals))->toBe(1 + Chain::MOST_TASKS)
        ->and($chain->cut?->reason)->toBe(CutReason::TooManyTasks)
        ->and(count($chain->subjects))->toBe(201);
});

it('holds no more change sets than its guard', function (): void {
    // Each of 200 tasks changes a good five times.
    $make = array_fill(0, 15, new CreateTask('quote', MergedText::parse('One more')));
    $rules = [
        Build::rule('breed', null, then: [...$make, new AddTag('1')], when: [new TaskArrives()]),
        ...array_map(static fn(int $n): Rule => Build::rule("on-{$n}", null, then: [new AddTag((string) ($n + 1))], when: [new TagOn([(string) $n])]), range(1, 6)),
    ];
    $chain = Story::run($rules, Story::change(null, Story::task(), $rules));
    expect(count($chain->links))->toBe(Chain::MOST_CHANGES)
        ->and($chain->cut?->reason)->toBeIn([CutReason::TooManyTasks, CutReason::TooManyChanges]);
});
