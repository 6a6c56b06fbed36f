<?php

declare(strict_types=1);

use OpenBaton\Core\Tests\Support\CoverStory;
use OpenBaton\Core\Tests\Support\CoverWorld;

it('moves work about as people come and go, and loses nothing', function (): void {
    $moved = $back = $bothSeats = 0;
    for ($seed = 1; $seed <= (int) (getenv('WORLDS') ?: 150); ++$seed) {
        $world = new CoverWorld($seed);
        foreach ($world->moments() as $now) {
            $world->work($now);
            foreach ([...$world->people(), ...$world->people()] as $person) {
                foreach ($world->settle($person, $now) as $move) {
                    ++$moved;
                    $occupant = $move->after->occupant($move->seat);
                    // What is done stays where it is; nobody has work in their own place; it goes to somebody who is
                    // there, or stays.
                    expect($move->before->status->isOpen())->toBeTrue("seed {$seed}");
                    expect($occupant)->not->toBeNull("seed {$seed}");
                    expect($move->after->coveringOf($move->seat)?->forId)->not->toBe($occupant, "seed {$seed}");
                    expect(
                        $occupant === $move->before->occupant($move->seat) ||
                            $world->roster->absenceOf((string) $occupant, $now) === null,
                    )->toBeTrue("seed {$seed}");
                }
            }
            foreach ($world->people() as $person) {
                expect($world->settle($person, $now))->toBe([], "seed {$seed}: asked again it should answer nothing");
            }
            foreach ($world->tasks as $id => $task) {
                expect($task->holderId !== null && $task->holderId === $task->reviewerId)->toBeFalse(
                    "seed {$seed}, {$id}: {$task->holderId} reviews what they hold",
                );
                $bothSeats += $task->reviewerId === null ? 0 : 1;
                $covering = $task->coveringOf($world->seat($task));
                // Work is covered only while whoever it is for is away; without, whoever has it is who they were, or
                // keeps what they began.
                if ($task->status->isOpen() && $covering !== null) {
                    expect($world->roster->absenceOf($covering->forId, $now))->not->toBeNull("seed {$seed}, {$id}");
                }
            }
        }
        foreach ($world->tasks as $id => $task) {
            if ($task->status->isOpen()) {
                expect($task->coveringOf($world->seat($task)))->toBeNull("seed {$seed}, {$id}");
            }
            $back += $task->occupant($world->seat($task)) === $world->owners[$id] ? 1 : 0;
        }
    }
    // The worlds are worth it: work goes about, and most of it comes back.
    expect($moved)->toBeGreaterThan($seed);
    expect($back)->toBeGreaterThan(4 * $seed);
    expect($bothSeats)->toBeGreaterThan(5 * $seed);
});

it('gives the same for the same', function (): void {
    $run = static function (): array {
        $world = new CoverWorld(7);
        $told = [];
        foreach ($world->moments() as $now) {
            foreach ($world->people() as $person) {
                array_push($told, ...CoverStory::told($world->settle($person, $now)));
            }
        }

        return $told;
    };
    expect($run())->toBe($run());
});
