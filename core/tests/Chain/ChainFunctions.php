<?php

declare(strict_types=1);

use OpenBaton\Core\Rulebook\Event\StatusBecomes;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Pool\Except;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\TaskStatus;

/** A rule that only follows up. */
function onTag(string $tag, FollowUp ...$then): Rule
{
    return Build::rule("on-{$tag}", null, then: array_values($then), when: [new TagOn([$tag])]);
}

function review(): Rule
{
    return Build::rule(
        'review',
        new Except(new TeamMembers('brass'), new PersonInField('task.assignee')),
        new RoundRobin('Quality'),
        when: [new StatusBecomes([TaskStatus::InReview])],
        seat: SeatName::Reviewer,
    );
}
