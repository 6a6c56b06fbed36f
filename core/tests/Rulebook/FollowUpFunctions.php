<?php

declare(strict_types=1);

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\FollowUp\Situation;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;

/** @param array<string, mixed> $document */
function followUp(array $document): FollowUp
{
    $part = PartFormat::read(
        Node::root($document),
        Family::FollowUp,
        new RuleContext(KindRegistry::standard(), Build::fields(), Bench::house(), Story::taskCatalogue()),
    );

    return $part instanceof FollowUp ? $part : throw new LogicException('Not a follow-up.');
}

/** The effect on a task; now is Monday 2 March 2026, ten o'clock, and the house works from nine to five. */
function effectOf(array $document, ?TaskSubject $subject = null): ?Effect
{
    $subject ??= Story::task();

    return followUp($document)->effect(
        new Situation(Story::change($subject, $subject), $subject, Bench::house(), Story::taskCatalogue()),
    );
}
