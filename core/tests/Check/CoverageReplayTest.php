<?php

declare(strict_types=1);

use OpenBaton\Core\Check\CoverageReplay;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Tests\Support\Build;

it('gives each event to the first rule that holds and gives, paused and follow-up rules apart', function (): void {
    $pool = new NamedPeople(['oona']);
    $kind = static fn(string $value): array => ['field' => 'task.kind', 'op' => 'is', 'value' => $value];
    $compiled = CompiledRulebook::compile(new Rulebook(Build::fields(), [
        Build::rule('mark', null, then: [new AddTag('seen')]),
        Build::rule('off', $pool, new InOrder(), active: false),
        Build::rule('repairs', $pool, new InOrder(), $kind('repair')),
        Build::rule('dead', $pool, new InOrder(), $kind('repair')),
        Build::rule('quotes', $pool, new InOrder(), $kind('quote')),
    ]), 'v');
    $position = static fn(string $value): ?int => CoverageReplay::position($compiled, Build::event(['task.kind' => $value]));
    expect([$position('repair'), $position('quote'), $position('tuning')])->toBe([2, 4, null]);
});
