<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator\Changed;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Rulebook\Event\FieldChanges;
use OpenBaton\Core\Rulebook\Event\TagOff;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\FieldChange;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;

it('finds the same in two values that differ by case, outer blanks or order alone', function (
    mixed $one,
    mixed $other,
    FieldType $type,
    bool $same,
): void {
    $changed = (new Changed())->over(null, $type);
    expect(Plain::same($one, $other, $type))->toBe($same);
    expect(Plain::same($other, $one, $type))->toBe($same);
    expect($changed($one, $other))->toBe(!$same);
})->with([
    ['Horn ', 'horn', FieldType::Text, true],
    ['Horn', 'Horns', FieldType::Text, false],
    ['repair', 'Repair', FieldType::OneOf, false],
    [['valve', 'slide'], ['slide', 'valve'], FieldType::ManyOf, true],
    [['valve', 'slide'], ['slide'], FieldType::ManyOf, false],
    [['hot'], ['Hot '], FieldType::Tags, true],
    [null, [], FieldType::Tags, true],
    [null, '  ', FieldType::Text, true],
    [null, 0, FieldType::Number, false],
    [3, 3.0, FieldType::Number, true],
    [null, false, FieldType::YesNo, false],
]);

/** @return array{bool, bool, bool} whether tags went on, off, and the field has changed */
function raisedBy(?TaskSubject $before, TaskSubject $after, string $field): array
{
    $change = Story::change($before, $after);

    return [
        (new TagOn(['hot']))->isRaisedBy($change),
        (new TagOff(['hot']))->isRaisedBy($change),
        (new FieldChanges(new FieldChange(Build::fields()->find($field) ?? throw new LogicException())))->isRaisedBy(
            $change,
        ),
    ];
}

it('raises nothing where criteria see no change', function (): void {
    $task = Story::task();
    $hot = $task->with(['tags' => ['hot', 'rush']]);
    expect(raisedBy($hot, $task->with(['tags' => ['Rush', ' Hot']]), 'task.tags'))->toBe([false, false, false]);
    expect(raisedBy($task, $hot, 'task.tags'))->toBe([true, false, true]);
    expect(raisedBy($hot, $task, 'task.tags'))->toBe([false, true, true]);
    expect(
        raisedBy($task->withField('task.title', 'Horn '), $task->withField('task.title', 'horn'), 'task.title')[2],
    )->toBeFalse();
    expect(
        raisedBy(
            $task->withField('task.parts', ['valve', 'slide']),
            $task->withField('task.parts', ['slide', 'valve']),
            'task.parts',
        )[2],
    )->toBeFalse();

    // At an arrival all that was before is missing, and a task without tags misses them, too.
    expect(raisedBy(null, $task, 'task.tags')[2])->toBeFalse();
    expect(raisedBy(null, $hot, 'task.tags'))->toBe([true, false, true]);
});
