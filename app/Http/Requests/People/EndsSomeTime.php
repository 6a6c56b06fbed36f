<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Models\Tasks\Task;
use App\Words\Words;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * That a task can wait for another one: that one is open, and does not wait for this one itself, be it by way of
 * others.
 */
final readonly class EndsSomeTime implements ValidationRule
{
    public function __construct(private Task $task) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $words = app(Words::class);
        $other = Task::query()->whereKey($value)->first();
        if ($other === null || $other->id === $this->task->id) {
            $fail($words->sentence('Choose another task.'));
        } elseif (!$other->status->isOpen()) {
            $said = '№ {number} is done with already: there is nothing to wait for.';
            $fail($words->sentence($said, ['number' => $other->number]));
        } elseif ($this->goesRound($other)) {
            $said = '№ {number} itself waits for this one: neither would ever go on.';
            $fail($words->sentence($said, ['number' => $other->number]));
        }
    }

    private function goesRound(Task $other): bool
    {
        $seen = [];
        for ($next = [$other->id]; $next !== []; $next = $this->awaitedBy($next, $seen)) {
            $seen = [...$seen, ...$next];
        }

        return in_array($this->task->id, $seen, true);
    }

    /**
     * @param list<string> $ids
     * @param list<string> $except
     *
     * @return list<string>
     */
    private function awaitedBy(array $ids, array $except): array
    {
        return array_values(
            Task::query()
                ->whereIn('status', TaskStatus::open())
                ->whereNotIn('id', $except)
                ->whereHas(
                    'waitedForBy',
                    static fn(Builder $waiting): Builder => $waiting->whereIn('task_waits.task_id', $ids),
                )
                ->get(['id'])
                ->map(static fn(Task $one): string => $one->id)
                ->all(),
        );
    }
}
