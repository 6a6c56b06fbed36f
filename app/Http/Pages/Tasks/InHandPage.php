<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Http\Pages\IntakeState;
use App\Http\Viewer;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Workload\TaskStatus;

/** The member's working page. Its type is InHandPage.ts. */
final class InHandPage
{
    private const MOST = 200;

    private const DONE = 30;

    /** @return array<string, Closure(): mixed> */
    public function props(?Person $person, Viewer $viewer): array
    {
        return [
            'tasks' => fn(): array => $person === null ? [] : $this->lines($this->held($person)->limit(self::MOST)),
            'reviews' => fn(): array => $person === null
                ? []
                : $this->lines($this->reviewed($person)->limit(self::MOST)),
            'open' => fn(): array => $person === null
                ? []
                : $this->lines(
                    Task::query()
                        ->claimable()
                        ->whereHas(
                            'claimants',
                            static fn(Builder $claimants): Builder => $claimants->whereKey($person->id),
                        )
                        ->dueFirst()
                        ->limit(self::MOST),
                ),
            'done' => fn(): array => $person === null
                ? []
                : $this->lines(
                    Task::query()
                        ->heldBy($person->id, open: false)
                        ->where('status', TaskStatus::Done)
                        ->where('completed_at', '>=', CarbonImmutable::now()->startOfDay())
                        ->latest('completed_at')
                        ->limit(self::DONE),
                ),
            'plan' => static fn(): ?array => $person === null ? null : DayPlan::of($person, $viewer),
            'person' => static fn(): bool => $person !== null,
            'notices' => static fn(): array => $person === null ? [] : NoticeLine::unseenBy($person, $viewer),
            'noticesInAll' => static fn(): int => $person === null ? 0 : NoticeLine::countUnseenBy($person),
            'intake' => static fn(): ?array => $person === null ? null : IntakeState::of($person, $viewer),
        ];
    }

    /** The id of the task that is open where none is chosen: the first of the list, what one can't go on with last. */
    public function first(?Person $person): string
    {
        if ($person === null) {
            return '';
        }
        $held = fn(TaskStatus $status): ?Task => $this->held($person)
            ->where('status', $status)
            ->notPostponed()
            ->first('id');
        $first =
            $held(TaskStatus::Working) ??
            ($this->reviewed($person)->first('id') ?? ($held(TaskStatus::New) ?? $this->held($person)->first('id')));

        return (string) $first?->id;
    }

    /** @return Builder<Task> */
    private function reviewed(Person $person): Builder
    {
        return Task::query()->where('reviewer_id', $person->id)->where('status', TaskStatus::InReview)->dueFirst();
    }

    /** @return Builder<Task> what is being worked on first, then what is due */
    private function held(Person $person): Builder
    {
        // The builder has no order by whether a column has a value.
        return Task::query()
            ->heldBy($person->id)
            ->open()
            ->orderByRaw('status = ? DESC', [TaskStatus::Working->value])
            ->dueFirst();
    }

    /**
     * @param Builder<Task> $query
     *
     * @return list<array<string, mixed>>
     */
    private function lines(Builder $query): array
    {
        return array_values(
            $query
                ->with(['kind', 'customer', 'covers.for'])
                ->get()
                ->map(TaskLine::of(...))
                ->all(),
        );
    }
}
