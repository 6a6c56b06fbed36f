<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Bridge\RecentEvents;
use App\Bridge\RulebookReader;
use App\Bridge\Snapshot;
use App\Models\RulebookVersion;
use App\Models\Task;
use App\Models\VersionState;
use OpenBaton\Core\Check\CatchReplay;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Routing\Event;
use OpenBaton\Core\Rulebook\CompiledRulebook;

/** What rules would have caught of the recent work, and what differs between two rulebooks. Its types are in RulebookPage.ts. */
final class Catches
{
    private const EXAMPLES = 12;

    /** @var list<Event>|null */
    private ?array $events = null;

    public function __construct(private readonly Snapshot $snapshot, private readonly RulebookReader $rulebooks) {}

    /** @return array{total: int, taken: array<string, int>, left: int} */
    public function strip(CompiledRulebook $rulebook): array
    {
        $taken = [];
        $left = 0;
        foreach (CatchReplay::of($rulebook, $this->events()) as $position) {
            if ($position === null) {
                ++$left;

                continue;
            }
            $id = $rulebook->rulebook->rules[$position]->id;
            $taken[$id] = ($taken[$id] ?? 0) + 1;
        }

        return ['total' => count($this->events()), 'taken' => $taken, 'left' => $left];
    }

    /** @return array<string, mixed> */
    public function ofPublished(?RulebookVersion $version): array
    {
        $strip = $this->strip($this->rulebooks->ofVersion($version, $this->snapshot));

        return ['taken' => (object) $strip['taken']] + $strip;
    }

    /**
     * The draft's faults and strip, and what would go by another rule than now.
     *
     * @return array<string, mixed>
     */
    public function ofDraft(RulebookVersion $draft): array
    {
        [$compiled, $faults] = $this->rulebooks->compileDraft(array_values($draft->rules), $this->snapshot);
        $published = RulebookVersion::query()->where('state', VersionState::Published)->first();
        $now = $this->rulebooks->ofVersion($published, $this->snapshot);
        $strip = $this->strip($compiled);

        return [
            'faults' => array_map(static fn(Fault $fault): array => ['pointer' => $fault->pointer, 'reason' => $fault->reason], $faults),
            'strip' => ['taken' => (object) $strip['taken']] + $strip,
            'changes' => $this->changes($now, $compiled),
        ];
    }

    /** @return array<string, mixed> */
    private function changes(CompiledRulebook $before, CompiledRulebook $after): array
    {
        $old = CatchReplay::of($before, $this->events());
        $new = CatchReplay::of($after, $this->events());
        $moves = [];
        $examples = [];
        foreach ($old as $taskId => $position) {
            $from = $position === null ? null : $before->rulebook->rules[$position];
            $to = $new[$taskId] === null ? null : $after->rulebook->rules[$new[$taskId]];
            if ($from?->id === $to?->id) {
                continue;
            }
            $key = ($from->id ?? '').' '.($to->id ?? '');
            $moves[$key] = ['from' => $from?->name, 'to' => $to?->name, 'count' => ($moves[$key]['count'] ?? 0) + 1];
            $examples[] = ['taskId' => $taskId, 'from' => $from?->name, 'to' => $to?->name];
        }
        usort($moves, static fn(array $a, array $b): int => $b['count'] <=> $a['count']);

        return ['count' => count($examples), 'moves' => $moves, 'examples' => $this->named(array_slice(array_reverse($examples), 0, self::EXAMPLES))];
    }

    /**
     * @param list<array{taskId: string, from: string|null, to: string|null}> $examples
     *
     * @return list<array<string, mixed>>
     */
    private function named(array $examples): array
    {
        $tasks = Task::query()->whereKey(array_column($examples, 'taskId'))->get(['id', 'number', 'title'])->keyBy('id');

        return array_map(static fn(array $example): array => $example + [
            'number' => (int) $tasks->get($example['taskId'])?->number,
            'title' => (string) $tasks->get($example['taskId'])?->title,
        ], $examples);
    }

    /** @return list<Event> */
    private function events(): array
    {
        return $this->events ??= RecentEvents::read($this->snapshot);
    }
}
