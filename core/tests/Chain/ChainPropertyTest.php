<?php

declare(strict_types=1);

use OpenBaton\Core\Chain\Chain;
use OpenBaton\Core\Check\CoverageReplay;
use OpenBaton\Core\Document\ChainFormat;
use OpenBaton\Core\Document\ChangeFormat;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Tests\Support\RandomStory;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\World\World;

/** How many random stories are told; runs that ask for fewer worlds tell fewer. */
function stories(): int
{
    return max(120, intdiv((int) (getenv('WORLDS') ?: 2000), 10));
}

function storyOf(int $seed): World
{
    return WorldFormat::read(Node::root(RandomStory::of($seed)));
}

it('comes to the same chain from the same input', function (): void {
    for ($seed = 0; $seed < stories(); $seed += 8) {
        $run = static fn(): string => (string) json_encode(
            array_map(ChainFormat::write(...), iterator_to_array(storyOf($seed)->chains(), false)),
        );
        $run() === $run() || $this->fail("Story {$seed} went in two ways.");
    }
    expect($run())->toStartWith('[');
});

it(
    'stays within its guards, raises nothing where nothing changes, and leaves no task without a place',
    function (): void {
        $deepest = $reviews = $cuts = $late = 0;
        for ($seed = 0; $seed < stories(); $seed += 2) {
            foreach (storyOf($seed)->chains() as $of) {
                $acted = [];
                $made = 0;
                $cuts += $of->chain->cut === null ? 0 : 1;
                $late += $of->due === null ? 0 : 1;
                count($of->chain->links) <= Chain::MOST_CHANGES || $this->fail("Story {$seed}: too long.");
                foreach ($of->chain->links as $number => $link) {
                    $deepest = max($deepest, $link->generation);
                    $made += $link->change->isArrival() ? 1 : 0;
                    $where = "Story {$seed}, {$of->event}, link {$number}";
                    ($link->causedBy === null) === ($link->generation === 0) ||
                        $this->fail("{$where}: a cause is missing.");
                    $link->causedBy === null ||
                        $link->causedBy < $number ||
                        $this->fail("{$where}: caused by what came later.");
                    $link->generation === 0 ||
                        $link->change->before === null ||
                        !$link->change->before->equals($link->change->after) ||
                        $this->fail("{$where}: nothing changed.");
                    $decision = $link->decision;
                    foreach ($decision?->acted() ?? [] as $position) {
                        $once = "{$decision->change->after->id} {$position}";
                        isset($acted[$once])
                            ? $this->fail("{$where}: rule {$position} acted twice.")
                            : ($acted[$once] = true);
                    }
                    if ($decision?->seat === SeatName::Reviewer && $decision->decidingRule()?->id === 'review') {
                        ++$reviews;
                        $decision->assigneeId !== $decision->change->after->holderId ||
                            $this->fail("{$where}: {$decision->assigneeId} reviews what they did.");
                    }
                }
                $made <= Chain::MOST_TASKS + 1 || $this->fail("Story {$seed}: too many tasks.");
                foreach ($of->chain->tasks() as $subject) {
                    // Held, open, unplaced, or done with; never two of them.
                    $subject->holderId === null ||
                        $subject->openTo === [] ||
                        $this->fail("Story {$seed}: {$subject->id} is held and open.");
                    $subject->status === TaskStatus::InReview ||
                        $subject->reviewerId === null ||
                        $this->fail("Story {$seed}: {$subject->id} has a reviewer and is not in review.");
                    $subject->status === TaskStatus::Waiting ||
                        ($subject->waitsOn === [] && $subject->wakesAt === null) ||
                        $this->fail("Story {$seed}: {$subject->id} waits and does not.");
                }
            }
        }
        expect($deepest)->toBeGreaterThan(3);
        expect($reviews)->toBeGreaterThan(5);
        expect($cuts)->toBeGreaterThan(0);
        expect($late)->toBeGreaterThan(20);
    },
);

it(
    'does the same whether the clock is looked at often or seldom, where nobody does anything in between',
    function (): void {
        for ($seed = 0; $seed < stories(); $seed += 8) {
            $document = RandomStory::of($seed);
            $tick = static fn(int $n, string $at): array => ['id' => "t{$n}", 'kind' => 'tick', 'at' => $at];
            $hours = [];
            for ($hour = 1; $hour <= 72; ++$hour) {
                $hours[] = $tick($hour, gmdate('Y-m-d\TH:i:s\Z', 1_772_442_000 + $hour * 3600));
            }
            $keys = static function (array $events) use ($document): array {
                $found = [];
                foreach (
                    WorldFormat::read(
                        Node::root(
                            ['events' => $events] +
                                array_replace($document, [
                                    'tasks' => array_map(
                                        static fn(array $task): array => array_replace_recursive($task, [
                                            'facts' => ['task.needed' => '2026-03-04'],
                                        ]),
                                        $document['tasks'],
                                    ),
                                ]),
                        ),
                    )->chains()
                    as $of
                ) {
                    $found[] =
                        "{$of->due} {$of->chain->links[0]->change->after->id} " .
                        "{$of->chain->links[0]->change->trigger()?->ruleId}";
                }

                return $found;
            };
            $often = $keys($hours);
            // The first to fall due is the same; what it brings about may bring other moments.
            ($often[0] ?? null) === ($keys([$tick(1, '2026-03-05T09:00:00Z')])[0] ?? null) ||
                $this->fail("Story {$seed}: seldom and often differ.");
            count($often) === count(array_unique($often)) || $this->fail("Story {$seed}: something fired twice.");
        }
        expect($hours)->toHaveCount(72);
    },
);

it('records changes so that the same rules act on what is read again', function (): void {
    $acting = 0;
    $kinds = [];
    for ($seed = 1; $seed < stories(); $seed += 4) {
        $links = [];
        foreach (storyOf($seed)->chains() as $of) {
            $links = [...$links, ...$of->chain->links];
        }
        $rules =
            array_values(array_filter(array_map(static fn($link) => $link->decision?->rulebook, $links)))[0] ?? null;
        foreach ($rules === null ? [] : $links as $link) {
            $document = json_decode(
                (string) json_encode(ChangeFormat::write($link->change, $rules->rulebook->fields)),
                true,
            );
            $again = ChangeFormat::read(Node::root($document), $rules->rulebook->fields);
            $acts = CoverageReplay::of($rules, $link->change)->acting;
            CoverageReplay::of($rules, $again)->acting === $acts ||
                $this->fail("Story {$seed}, {$link->change->id}: other rules act.");
            $acting += count($acts);
            $kinds += array_flip($rules->occasions($again));
        }
    }
    expect($acting)->toBeGreaterThan(100);
    expect(count($kinds))->toBeGreaterThan(6);
});

it('tells a decision in a line as its whole document would', function (): void {
    $compared = 0;
    for ($seed = 1; $seed < stories(); $seed += 2) {
        foreach (storyOf($seed)->chains() as $of) {
            foreach (array_filter(array_column($of->chain->links, 'decision')) as $decision) {
                $whole = DecisionFormat::write($decision);
                $whole['verdicts'] = array_values(
                    array_filter(
                        $whole['verdicts'],
                        static fn(array $verdict): bool => $verdict['verdict'] === 'decided',
                    ),
                );
                $brief = DecisionFormat::expandDeciding(
                    Node::root(DecisionRecord::of($decision)),
                    (array) $whole['facts'],
                    $decision->rulebook,
                );
                json_encode($brief) === json_encode($whole) ||
                    $this->fail("Story {$seed}: {$decision->change->id} differs.");
                $compared += count($whole['verdicts']);
            }
        }
    }
    expect($compared)->toBeGreaterThan(100);
});
