<?php

declare(strict_types=1);

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\WhatWouldHelp;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\Work;

/** Ayumi and femi are away, femi is back first; callum is paused; otto has too much. */
function helpOf(Rule ...$rules): array
{
    $roster = new Roster(
        Build::calendar(),
        [
            Build::person('ayumi', ['keys' => 2]),
            Build::person('femi', ['keys' => 1]),
            Build::person('callum', ['keys' => 1], pausedUntil: Build::at('2026-03-09 09:00')),
            Build::person('otto', ['keys' => 1]),
            Build::person('lou'),
        ],
        absences: [
            Build::absence('ayumi', '2026-03-02', '2026-03-05'),
            Build::absence('femi', '2026-03-02', '2026-03-04'),
        ],
    );
    $work = Work::of([Build::item('t1', 'otto', 60), Build::item('t2', 'otto', 60)]);
    $help = WhatWouldHelp::of(Story::router($rules, $roster)->decide(Build::event(), $work, new Rotations()));

    return [$help->rule, $help->inPool, $help->kept, $help->backAt === null ? null : gmdate('D', $help->backAt)];
}

it('says who could have it, what keeps them from it, and who is back first', function (): void {
    $everybody = new NamedPeople(['ayumi', 'femi', 'callum', 'otto', 'lou']);
    $limits = [new SkillAtLeast('keys'), new OpenTasksAtMost(2)];
    expect(helpOf(Build::rule('keys', $everybody, new LightestLoad(), limits: $limits)))->toBe([
        'keys',
        5,
        ['absent' => 2, 'paused' => 1, 'open_tasks_at_most' => 1, 'skill_at_least' => 1],
        'Wed',
    ]);
});

it('takes the first rule that has anybody to choose from for the nearest', function (): void {
    $nobody = Build::rule('nobody', new NamedPeople([]), new LightestLoad());
    $two = Build::rule('two', new NamedPeople(['ayumi', 'femi']), new LightestLoad());
    $other = Build::rule('other', new NamedPeople(['callum']), new LightestLoad());
    expect(helpOf($nobody, $two, $other))->toBe(['two', 2, ['absent' => 2], 'Wed']);
    expect(helpOf($nobody))->toBe(['nobody', 0, [], null]);
    expect(helpOf())->toBe([null, 0, [], null]);
});
