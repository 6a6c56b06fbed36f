<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\FactsFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TaskFormat;
use OpenBaton\Core\Tests\Support\Build;

it('reads what a due date follows as it writes it', function (array $document): void {
    $follow = TaskFormat::follow(Node::root($document), Build::fields());
    expect(TaskFormat::writeFollow($follow))->toBe($document);
})->with([
    'a field' => [['field' => 'task.kind', 'offset' => '+2 days']],
    'at a time of day' => [['field' => 'task.kind', 'offset' => '-1 working_days', 'time' => '16:30']],
]);

it('refuses to follow what there is not, and what it does not know', function (array $more, string $pointer): void {
    try {
        TaskFormat::follow(Node::root($more + ['field' => 'task.kind', 'offset' => '+2 days']), Build::fields());
        $this->fail('It was taken.');
    } catch (DocumentError $error) {
        expect($error->faults[0]->pointer)->toBe($pointer);
    }
})->with([
    'no such field' => [['field' => 'task.colour'], '/field'],
    'a strange member' => [['strange' => 1], '/strange'],
    'no offset' => [['offset' => 'soon'], ''],
]);

it('keeps those values that are right beside one that is not', function (): void {
    expect(FactsFormat::known(['task.count' => ['x'], 'task.kind' => 'repair'], Build::fields()))->toBe([
        'task.kind' => 'repair',
    ]);
});

it('lets one value vary, and a field, and nothing else', function (): void {
    $vary = array_filter(OperandShape::cases(), static fn(OperandShape $one): bool => $one->mayVary());
    expect(array_values($vary))->toBe([OperandShape::One, OperandShape::Field]);
});
