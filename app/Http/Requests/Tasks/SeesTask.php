<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Models\Access\User;
use App\Models\Tasks\Task;
use App\Tasks\TasksInSight;
use App\Words\Words;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** That a task is there, as far as whoever names it can know. */
final readonly class SeesTask implements ValidationRule
{
    public function __construct(private ?User $user) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (
            $this->user === null ||
            !app(TasksInSight::class)
                ->of($this->user, Task::query()->whereKey($value))
                ->exists()
        ) {
            $fail(app(Words::class)->sentence('Choose a task that is there.'));
        }
    }
}
