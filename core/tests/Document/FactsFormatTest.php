<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Document\FactsFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;

it('reads what it keeps: values, what they were, days and teams that were looked up', function (): void {
    $facts = new Facts(
        ['task.kind' => 'repair', 'task.count' => 3],
        LocalDate::parse('2026-03-02'),
        ['task.kind' => 'quote'],
        ['+2 working_days' => '2026-03-04'],
        ['femi' => ['brass', 'accounts']],
    );
    $values = FactsFormat::values($facts, Build::fields());
    $besides = FactsFormat::besides($facts, Build::fields());
    expect($values)->toBe(['task.kind' => 'repair', 'task.count' => 3]);
    expect($besides)->toEqual([
        'today' => '2026-03-02',
        'before' => ['task.count' => null, 'task.kind' => 'quote'],
        'days' => ['+2 working_days' => '2026-03-04'],
        'teams' => ['femi' => ['brass', 'accounts']],
    ]);
    expect(FactsFormat::read(Node::root($besides), $values, Build::fields()))->toEqual($facts);
});
