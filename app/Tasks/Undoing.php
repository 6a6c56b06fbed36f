<?php

declare(strict_types=1);

namespace App\Tasks;

use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Sweep\Reversal;

/** What it takes to take a chain back: what is put back on which task, which were made, and whose turns they were. */
final readonly class Undoing
{
    /**
     * @param array<array-key, Reversal>                                $tasks by id
     * @param list<string>                                              $made  ids of tasks
     * @param list<array{rotation: string, seat: string, weight: int}> $turns
     */
    private function __construct(public array $tasks, public array $made, public array $turns) {}

    /** @return array<string, mixed> for JSON */
    public static function of(ChainResult $chain): array
    {
        $before = $made = $turns = [];
        foreach ($chain->links as $link) {
            $id = $link->change->after->id;
            $was = $link->change->taskBefore();
            if ($was !== null) {
                $before[$id] ??= $was;
            } elseif ($link->change->task() !== null) {
                $made[] = $id;
            }
            $turn = $link->decision?->turn();
            if ($turn?->member !== null) {
                $turns[] = [
                    'rotation' => $turn->rotation,
                    'seat' => $turn->member->seat(),
                    'weight' => $turn->member->weight,
                ];
            }
        }
        $tasks = [];
        foreach (array_diff_key($before, array_flip($made)) as $id => $subject) {
            $parts = Reversal::of($subject, $chain->tasks()[$id])->write();
            if ($parts !== []) {
                $tasks[$id] = $parts;
            }
        }

        return ['tasks' => (object) $tasks, 'made' => $made, 'turns' => $turns];
    }

    public static function read(mixed $written): self
    {
        $parts = static fn(string $name): array => is_array($written) && is_array($written[$name] ?? null)
            ? $written[$name]
            : [];
        $turns = [];
        foreach ($parts('turns') as $turn) {
            if (
                is_array($turn) &&
                is_string($turn['rotation'] ?? null) &&
                is_string($turn['seat'] ?? null) &&
                is_int($turn['weight'] ?? null)
            ) {
                $turns[] = ['rotation' => $turn['rotation'], 'seat' => $turn['seat'], 'weight' => $turn['weight']];
            }
        }

        return new self(
            array_map(Reversal::read(...), array_filter($parts('tasks'), is_array(...))),
            array_values(array_filter($parts('made'), is_string(...))),
            $turns,
        );
    }
}
