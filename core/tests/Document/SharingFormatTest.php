<?php

declare(strict_types=1);

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TaskFormat;
use OpenBaton\Core\Sweep\Reversal;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;

it('is read from a document, and put back by what undoes it', function (): void {
    $format = new TaskFormat(Build::fields(), Bench::house());
    $task = $format->read(
        Node::root(['id' => 't', 'assignee' => 'femi', 'held_with' => ['ayumi', 'callum'], 'do_together' => true]),
        0,
    );
    expect([$task->holderIds(), $task->sharing?->doTogether])->toBe([['femi', 'ayumi', 'callum'], true]);
    $handed = $task->heldBy('greta');
    expect(Reversal::read(Reversal::of($task, $handed)->write())->on($handed))->toEqual($task);
});

it('is read only where there is somebody beside whom others hold it, each once', function (
    array $document,
    string $place,
): void {
    $read = static fn() => (new TaskFormat(Build::fields(), Bench::house()))->read(
        Node::root(['id' => 't'] + $document),
        0,
    );
    expect($read)->toThrow("{$place}: Name those who hold it beside the assignee, each once.");
})->with([
    'nobody' => [['held_with' => ['ayumi']], '/held_with/0'],
    'oneself' => [['assignee' => 'femi', 'held_with' => ['ayumi', 'femi']], '/held_with/1'],
    'twice' => [['assignee' => 'femi', 'held_with' => ['ayumi', 'ayumi']], '/held_with/1'],
]);
