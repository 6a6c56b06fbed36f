<?php

declare(strict_types=1);

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;

/** @param array<string, mixed> $document */
function eventOf(array $document): EventKind
{
    $event = PartFormat::read(Node::root($document), Family::Event, Build::context(Bench::house()));

    return $event instanceof EventKind ? $event : throw new LogicException('Not an event.');
}

/** Whether a rule that waits for it hears of the change. */
function hears(array $document, ?TaskSubject $before, TaskSubject $after, Happened ...$happened): bool
{
    $rule = Build::rule('r', null, then: [new AddTag('heard')], when: [eventOf($document)]);
    $change = Story::change($before, $after, [$rule], array_values($happened));
    $heard = $rule->listensTo($change);
    // What a rule hears there is occasion for, and the rulebook finds it.
    $compiled = CompiledRulebook::compile(new Rulebook(Build::fields(), [$rule]), 'v');
    expect(iterator_to_array($compiled->holding($change)) !== [])->toBe($heard);
    expect($compiled->isHeard($change))->toBe($heard);
    expect(!$heard || $rule->events[0]::occasion($change))->toBeTrue();

    return $heard;
}
