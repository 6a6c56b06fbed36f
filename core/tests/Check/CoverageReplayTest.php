<?php

declare(strict_types=1);

use OpenBaton\Core\Check\CoverageReplay;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\StatusReached;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;

it(
    'tells which rules act on an event: those that follow up, and the first that holds and gives; never a paused one',
    function (): void {
        $pool = new NamedPeople(['oona']);
        $kind = static fn(string $value): array => ['field' => 'task.kind', 'op' => 'is', 'value' => $value];
        $compiled = CompiledRulebook::compile(
            new Rulebook(Build::fields(), [
                Build::rule('mark', null, then: [new AddTag('seen')]),
                Build::rule('off', $pool, new InOrder(), active: false),
                Build::rule('repairs', $pool, new InOrder(), $kind('repair')),
                Build::rule('dead', $pool, new InOrder(), $kind('repair')),
                Build::rule('quotes', $pool, new InOrder(), $kind('quote')),
            ]),
            'v',
        );
        $told = static function (string $value) use ($compiled): array {
            $replay = CoverageReplay::of($compiled, Build::event(['task.kind' => $value]));

            return [$replay->acting, $replay->giving, $replay->meeting];
        };
        // Of an arrival also those that would give it, if none above did.
        expect([$told('repair'), $told('quote'), $told('tuning')])->toBe([
            [[0, 2], 2, [2, 3]],
            [[0, 4], 4, [4]],
            [[0], null, []],
        ]);
    },
);

it('goes past a rule that can give nothing there, as a decision does', function (
    TaskStatus $status,
    array $acting,
    ?int $giving,
): void {
    $pool = new NamedPeople(['oona']);
    $when = [new StatusReached($status)];
    $compiled = CompiledRulebook::compile(
        new Rulebook(Build::fields(), [
            Build::rule('checks', $pool, new InOrder(), when: $when, seat: SeatName::Reviewer),
            Build::rule('takes', $pool, new InOrder(), then: [new AddTag('taken')], when: $when),
            Build::rule('marks', null, then: [new AddTag('seen')], when: $when),
        ]),
        'v',
    );
    $before = new TaskSubject('t1', Build::at('2026-03-01'), new Effort(0, 60), TaskStatus::Working, holderId: 'oona');
    $replay = CoverageReplay::of(
        $compiled,
        new ChangeSet('c1', Build::at('2026-03-02'), $before, $before->inStatus($status), Build::facts([])),
    );
    expect([$replay->acting, $replay->giving, $replay->meeting])->toBe([$acting, $giving, []]);
})->with([
    'in review: the reviewer is given' => [TaskStatus::InReview, [0, 2], 0],
    'waiting: no reviewer, a holder' => [TaskStatus::Waiting, [1, 2], 1],
    'done: nobody is given, all follow-ups act' => [TaskStatus::Done, [1, 2], null],
]);
