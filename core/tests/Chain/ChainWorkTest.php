<?php

declare(strict_types=1);

use OpenBaton\Core\Chain\ChainWork;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\StillSurroundings;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;
use Random\Engine\Mt19937;
use Random\Randomizer;

function inHand(
    string $id,
    ?string $holder,
    TaskStatus $status = TaskStatus::Working,
    ?string $reviewer = null,
): TaskSubject {
    return new TaskSubject($id, 0, new Effort(0, 60), $status, holderId: $holder, reviewerId: $reviewer);
}

/**
 * @return array{list<string>, list<string>, int|null} what loads somebody, what waits with them, when work last came
 */
function inHandOf(Work $work, string $id): array
{
    $ids = static function (array $items): array {
        $ids = array_map(static fn(WorkItem $item): string => $item->id, $items);
        sort($ids);

        return $ids;
    };
    $held = $work->held($id);

    return [$ids($held->loading), $ids($held->waiting), $held->lastAssignedAt];
}

it('reads the work of nobody twice, but where it matters only later when work last came', function (): void {
    $around = new StillSurroundings(Work::of([inHand('t1', 'ayumi')->asWork()], ['ayumi' => 50]), new Rotations());
    $work = new ChainWork($around);
    $work->of(new Needs());
    $work->of(new Needs(['ayumi']));
    $work->of(new Needs(['ayumi']));
    $work->of(new Needs(['femi', 'ayumi'], ['femi']));
    expect(inHandOf($work->of(new Needs(['ayumi', 'femi'], ['femi', 'ayumi'])), 'ayumi'))->toBe([['t1'], [], 50]);
    $work->of(new Needs(['ayumi', 'femi'], ['ayumi', 'femi']));
    expect($around->asked)->toBe([[['ayumi'], []], [['femi'], ['femi']], [['ayumi'], ['ayumi']]]);
});

it('has what the chain has changed, whether somebody is read before or after', function (bool $before): void {
    $around = new StillSurroundings(
        Work::of([inHand('t1', 'ayumi')->asWork(), inHand('t2', 'femi')->asWork()], ['ayumi' => 50, 'femi' => 95]),
        new Rotations(),
    );
    $work = new ChainWork($around);
    $needs = new Needs(['ayumi', 'femi', 'greta'], ['ayumi', 'femi', 'greta']);
    if ($before) {
        $work->of($needs);
    }
    $work->changed(inHand('t1', 'ayumi'), inHand('t1', 'femi', TaskStatus::Waiting), 90);
    $work->changed(inHand('t1', 'femi', TaskStatus::Waiting), inHand('t1', 'femi', TaskStatus::InReview, 'greta'), 90);
    $work->changed(null, inHand('t3', 'ayumi'), 90);
    // It came to Greta and went on at once: work did come to her.
    $work->changed(null, inHand('t4', 'greta'), 90);
    $work->changed(inHand('t4', 'greta'), inHand('t4', null), 90);
    $now = $work->of($needs);
    expect([inHandOf($now, 'ayumi'), inHandOf($now, 'femi'), inHandOf($now, 'greta')])->toBe([
        [['t3'], [], 90],
        [['t2'], [], 95],
        [['t1'], [], 90],
    ]);
    expect($work->assignedAt())->toBe(['femi' => 90, 'ayumi' => 90, 'greta' => 90]);
})->with(['read before' => true, 'read after' => false]);

it('knows in any order of reading and changing what all that happened comes to', function (): void {
    $people = ['ayumi', 'femi', 'greta', 'tobias'];
    $compared = 0;
    for ($seed = 0; $seed < 200; ++$seed) {
        $random = new Randomizer(new Mt19937($seed));
        $someone = static fn(): ?string => [...$people, null][$random->getInt(0, 4)];
        $task = static fn(int $n): TaskSubject => inHand(
            "t{$n}",
            $someone(),
            TaskStatus::cases()[$random->getInt(0, 5)],
            $someone(),
        );
        $tasks = array_map($task, range(0, 5));
        $last = ['ayumi' => 5, 'greta' => 70];
        $work = new ChainWork(
            new StillSurroundings(
                Work::of(array_map(static fn(TaskSubject $one): WorkItem => $one->asWork(), $tasks), $last),
                new Rotations(),
            ),
        );
        for ($step = 1; $step <= 12; ++$step) {
            $asked = $random->pickArrayKeys(array_flip($people), $random->getInt(1, 4));
            $dated = array_slice($asked, $random->getInt(0, count($asked)));
            $now = $work->of(new Needs($asked, $dated));
            $whole = Work::of(array_map(static fn(TaskSubject $one): WorkItem => $one->asWork(), $tasks), $last);
            foreach ($asked as $id) {
                $expected = inHandOf($whole, $id);
                $found = inHandOf($now, $id);
                $compared += in_array($id, $dated, true) ? 1 : 0;
                array_slice($found, 0, 2) === array_slice($expected, 0, 2) ||
                    $this->fail("Seed {$seed}, step {$step}: the work of {$id} differs.");
                !in_array($id, $dated, true) ||
                    $found[2] === $expected[2] ||
                    $this->fail("Seed {$seed}, step {$step}: when work last came to {$id} differs.");
            }
            $number = $random->getInt(0, count($tasks));
            $changed = $task($number);
            $before = $tasks[$number] ?? null;
            $work->changed($before, $changed, $step * 10);
            $tasks[$number] = $changed;
            if ($changed->holderId !== null && $changed->holderId !== $before?->holderId) {
                $last[$changed->holderId] = max($last[$changed->holderId] ?? 0, $step * 10);
            }
        }
    }
    expect($compared)->toBeGreaterThan(1000);
});
