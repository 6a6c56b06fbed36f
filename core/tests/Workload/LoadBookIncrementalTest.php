<?php

declare(strict_types=1);

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;
use Random\Engine\Mt19937;
use Random\Randomizer;

function bookOfThree(): LoadBook
{
    return new LoadBook(
        new Roster(
            Build::calendar(),
            [Build::person('a'), Build::person('b'), Build::person('c')],
            absences: [Build::absence('b', '2026-03-03', '2026-03-04')],
        ),
    );
}

/** @return array<string, LoadPlan> */
function plansBy(LoadBook $book, Work $work): array
{
    $plans = [];
    foreach (['a', 'b', 'c'] as $id) {
        $plans[$id] = $book->plan($id, $work->held($id), Build::at('2026-03-02 09:00'));
    }

    return $plans;
}

it('computes nobody anew whose work is as it was', function (): void {
    $book = bookOfThree();
    $task = Build::item('t', 'a', 60, '2026-03-02 12:00');
    $work = Work::of([$task, Build::item('u', 'b', 60), Build::item('v', 'c', 60)]);
    $before = plansBy($book, $work);
    $moved = plansBy($book, $work->after($task, Build::item('t', 'b', 60, '2026-03-02 12:00')));
    expect($moved['c'])->toBe($before['c']);
    expect($moved['a'])->not->toBe($before['a']);
    expect([$moved['a']->dueWork, $moved['b']->dueWork])->toBe([0, 60]);
    $added = plansBy($book, $work->after(null, Build::item('w', 'a', 30)));
    expect([$added['b'], $added['c']])->toBe([$before['b'], $before['c']]);
});

it('comes to the same task by task as from nothing', function (): void {
    $random = new Randomizer(new Mt19937(7));
    for ($case = 0; $case < 40; ++$case) {
        $items = [];
        $book = bookOfThree();
        $work = Work::of([]);
        for ($step = 0; $step < 12; ++$step) {
            $id = 't' . $random->getInt(0, 5);
            $item = new WorkItem(
                $id,
                $random->getInt(0, 4) === 0 ? null : ['a', 'b', 'c'][$random->getInt(0, 2)],
                TaskStatus::cases()[$random->getInt(0, 5)],
                Priority::Normal,
                new Effort(0, 30 * $random->getInt(1, 20)),
                0,
                $random->getInt(0, 2) === 0 ? Build::at('2026-03-03 12:00') : null,
                $random->getInt(0, 2) === 0 ? null : Build::at('2026-03-02 09:00') + 14_400 * $random->getInt(0, 30),
                $random->getInt(0, 2) === 0 ? 'c' : null,
            );
            $work = $work->after($items[$id] ?? null, $item);
            $items[$id] = $item;
            expect(plansBy($book, $work))->toEqual(plansBy(bookOfThree(), Work::of($items)));
        }
    }
});
