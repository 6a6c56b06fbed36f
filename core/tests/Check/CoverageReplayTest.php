<?php

declare(strict_types=1);

use OpenBaton\Core\Check\CoverageReplay;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Tests\Support\Build;

it('tells which rules act on an event: those that follow up, and the first that holds and gives; never a paused one', function (): void {
    $pool = new NamedPeople(['oona']);
    $kind = static fn(string $value): array => ['field' => 'task.kind', 'op' => 'is', 'value' => $value];
    $compiled = CompiledRulebook::compile(new Rulebook(Build::fields(), [
        Build::rule('mark', null, then: [new AddTag('seen')]),
        Build::rule('off', $pool, new InOrder(), active: false),
        Build::rule('repairs', $pool, new InOrder(), $kind('repair')),
        Build::rule('dead', $pool, new InOrder(), $kind('repair')),
        Build::rule('quotes', $pool, new InOrder(), $kind('quote')),
    ]), 'v');
    $told = static function (string $value) use ($compiled): array {
        $acting = CoverageReplay::acting($compiled, Build::event(['task.kind' => $value]));

        return [$acting, CoverageReplay::giving($compiled, $acting)];
    };
    expect([$told('repair'), $told('quote'), $told('tuning')])->toBe([[[0, 2], 2], [[0, 4], 4], [[0], null]]);
});
