<?php

declare(strict_types=1);

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Timer\Occurrence;
use OpenBaton\Core\Timer\RuleTimers;
use OpenBaton\Core\Timer\Timers;

function dated(string $field, string $offset = '+0 days', ?string $time = null, string $id = 'r'): Rule
{
    return Build::rule(
        $id,
        null,
        then: [new AddTag('x')],
        when: [new DateReached($field, Offset::parse($offset), $time === null ? null : TimeOfDay::parse($time))],
    );
}

/** @param list<Rule> $rules */
function timers(array $rules, array $since = []): Timers
{
    return new Timers(RuleTimers::of(new Rulebook(Build::fields(), $rules), $since), Build::calendar('Europe/Dublin'));
}

/** @return list<string> when, as UTC, and for what */
function firings(array $occurrences): array
{
    return array_map(
        static fn(Occurrence $one): string => gmdate('Y-m-d H:i', $one->at) .
            ' ' .
            ($one->timer->ruleId ?? 'wakes') .
            ' ' .
            $one->subjectId,
        $occurrences,
    );
}
