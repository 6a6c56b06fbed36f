<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Bridge\DecisionReader;
use App\Explain\ChangeWords;
use App\Explain\ReasonTrail;
use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\People\Person;
use App\Models\Tasks\Comment;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Tasks\TasksInSight;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\Schedule;

/**
 * All that has happened to a task, as one line through time, the latest last:
 * what was done, what was said, what rules made of it, and what followed from
 * that. Its type is TaskHistory.ts.
 *
 * @phpstan-type Entry array<string, mixed>
 */
final readonly class TaskHistory
{
    /** Changes, and things said, of one page; a moment is never cut in two. */
    public const MOST = 50;

    public function __construct(
        private Viewer $viewer,
        private DecisionReader $decisions,
        private TasksInSight $sight,
    ) {}

    /**
     * The latest page, or the one before a moment.
     *
     * @param CarbonImmutable|null $before null: the latest
     *
     * @return array{entries: list<Entry>, earlier: string|null} earlier: the moment before which there is more;
     *     null: that is all
     */
    public function page(Task $task, ?CarbonImmutable $before = null): array
    {
        $changes = self::before(TaskChange::query()->where('task_id', $task->id), $before);
        $comments = self::before(Comment::query()->where('task_id', $task->id), $before);
        $from = max(self::begin($changes), self::begin($comments));

        return [
            'entries' => $this->entries(
                $task,
                self::since($changes, $from)
                    ->with(['user', 'for', 'causedBy.task'])
                    ->get(),
                self::since($comments, $from)
                    ->with(['user', 'for'])
                    ->get(),
                $from === null,
            ),
            'earlier' => $from === null ? null : Moment::of($from),
        ];
    }

    /**
     * @template TModel of TaskChange|Comment
     *
     * @param Builder<TModel> $query
     *
     * @return Builder<TModel>
     */
    private static function before(Builder $query, ?CarbonImmutable $before): Builder
    {
        return $before === null ? $query : $query->where('at', '<', $before);
    }

    /**
     * @template TModel of TaskChange|Comment
     *
     * @param Builder<TModel> $query
     *
     * @return Builder<TModel> in order
     */
    private static function since(Builder $query, ?CarbonImmutable $from): Builder
    {
        return ($from === null ? $query : $query->where('at', '>=', $from))->orderBy('at')->orderBy('id');
    }

    /**
     * @template TModel of TaskChange|Comment
     *
     * @param Builder<TModel> $query
     *
     * @return CarbonImmutable|null the moment with which a page of them begins; null: it holds all of them
     */
    private static function begin(Builder $query): ?CarbonImmutable
    {
        $latest = $query
            ->clone()
            ->orderByDesc('at')
            ->orderByDesc('id')
            ->limit(self::MOST + 1)
            ->get(['at']);

        return $latest->count() > self::MOST ? $latest[self::MOST - 1]?->at : null;
    }

    /**
     * @param Collection<int, TaskChange> $changes
     * @param Collection<int, Comment>    $comments
     * @param bool                        $whole    from the arrival on
     *
     * @return list<Entry>
     */
    private function entries(Task $task, Collection $changes, Collection $comments, bool $whole): array
    {
        $decisions = Decision::query()
            ->where('task_id', $task->id)
            ->where(
                static fn(Builder $query): Builder => $query
                    ->whereIn('change_id', $changes->pluck('id'))
                    ->when($whole, static fn(Builder $first): Builder => $first->orWhereNull('change_id')),
            )
            ->orderBy('at')
            ->orderBy('id')
            ->get();
        $own = $decisions->modelKeys();
        $byChange = $decisions->keyBy(static fn(Decision $one): string => (string) $one->change_id);
        $following = $changes
            ->filter(static fn(TaskChange $one): bool => in_array($one->caused_by_id, $own, true))
            ->toBase()
            ->groupBy('caused_by_id');
        $words = $this->words($changes);
        $entries = [];
        $arrival = $byChange->get('');
        if ($arrival !== null) {
            $entries[] = $this->entry(
                'arrived',
                $task->arrived_at,
                $task,
                null,
                $arrival,
                $following,
                $byChange,
                $words,
            );
        }
        foreach ($changes as $change) {
            if (!in_array($change->caused_by_id, $own, true)) {
                $entries[] = $this->change($change, $following, $byChange, $words);
            }
        }
        foreach ($comments as $comment) {
            $entries[] = $this->comment($comment);
        }
        usort($entries, static fn(array $a, array $b): int => [$a['at'], $a['id']] <=> [$b['at'], $b['id']]);

        return array_values(array_filter($entries, self::tells(...)));
    }

    /**
     * What was said stands there as a comment; a moment that came and brought nothing about is not worth a line.
     *
     * @param Entry $entry
     */
    private static function tells(array $entry): bool
    {
        $decision = $entry['decision'];
        $acted = is_array($decision) && ($decision['rule'] !== null || $decision['effects'] !== []);

        return $acted || !in_array($entry['what'], ['commented', DateReached::kind(), Schedule::kind()], true);
    }

    /**
     * @param Collection<array-key, Collection<int, TaskChange>> $following changes by the decision that they follow
     *     from
     * @param Collection<array-key, Decision>                    $byChange
     *
     * @return Entry
     */
    private function change(TaskChange $change, Collection $following, Collection $byChange, ChangeWords $words): array
    {
        return [
            'id' => $change->id,
            'reason' => $change->reason,
            'changes' => $words->sentences((array) $change->difference),
            'because' => $this->because($change),
        ] +
            $this->entry(
                $change->occasion,
                $change->at,
                null,
                $this->by($change->user?->name, $change->for) ?? $change->system,
                $byChange->get($change->id),
                $following,
                $byChange,
                $words,
            );
    }

    /**
     * @param Collection<array-key, Collection<int, TaskChange>> $following
     * @param Collection<array-key, Decision>                    $byChange
     *
     * @return Entry
     */
    private function entry(
        string $what,
        CarbonImmutable $at,
        ?Task $task,
        ?string $by,
        ?Decision $decision,
        Collection $following,
        Collection $byChange,
        ChangeWords $words,
    ): array {
        return [
            'id' => (string) $task?->id,
            'at' => Moment::of($at),
            'what' => $what,
            'said' => $this->said($what, $by, $decision),
            'reason' => null,
            'changes' => [],
            'because' => null,
            'comment' => null,
            'decision' => $decision === null ? null : $this->decision($decision),
            'follows' =>
                $decision === null
                    ? []
                    : array_values(
                        $following
                            ->get($decision->id, new Collection())
                            ->map(fn(TaskChange $one): array => $this->change($one, $following, $byChange, $words))
                            ->all(),
                    ),
        ];
    }

    /** @param Person|null $for in whose place they did it */
    private function by(?string $name, ?Person $for): ?string
    {
        return $name === null || $for === null
            ? $name
            : $this->viewer->words()->words->say('history.for', ['who' => $name, 'person' => $for->name]);
    }

    private function said(string $what, ?string $by, ?Decision $decision): string
    {
        $words = $this->viewer->words()->words;

        return $words->say('history.' . ($words->has("history.{$what}") ? $what : 'edited'), [
            'who' => $by ?? $words->say('history.somebody'),
            'label' => ($decision === null ? null : $this->decisions->pressed($decision)) ?? 'none',
        ]);
    }

    /**
     * @return array{id: string, rule: string|null, summary: string, effects: list<array{rule: string|null,
     *     said: list<string>}>, late: string|null}
     */
    private function decision(Decision $decision): array
    {
        return ['id' => $decision->id] +
            (new ReasonTrail($this->viewer->words()))->brief($this->decisions->brief($decision));
    }

    /**
     * What differs, said with the names of the tasks that it is about; of those that the viewer does not see with their
     * numbers.
     *
     * @param Collection<int, TaskChange> $changes
     */
    private function words(Collection $changes): ChangeWords
    {
        $ids = array_values(
            array_unique(
                array_merge(
                    ...array_values(
                        $changes
                            ->map(static fn(TaskChange $one): array => ChangeWords::tasksIn((array) $one->difference))
                            ->all(),
                    ),
                ),
            ),
        );
        $seen =
            $ids === []
                ? []
                : $this->sight
                    ->of($this->viewer->user(), Task::query()->whereKey($ids))
                    ->pluck('id')
                    ->all();
        $names =
            $ids === []
                ? []
                : Task::query()
                    ->findMany($ids, ['id', 'number', 'title'])
                    ->mapWithKeys(
                        static fn(Task $one): array => [
                            $one->id => in_array($one->id, $seen, true)
                                ? "№ {$one->number} {$one->title}"
                                : "№ {$one->number}",
                        ],
                    )
                    ->all();

        return new ChangeWords($this->viewer->words(), $names);
    }

    /** What another task's decision has brought about here. */
    private function because(TaskChange $change): ?string
    {
        $cause = $change->causedBy;

        return $cause === null || $cause->task_id === $change->task_id
            ? null
            : $this->viewer->words()->words->say('history.because', ['number' => $cause->task->number ?? 0]);
    }

    /** @return Entry */
    private function comment(Comment $comment): array
    {
        $names = array_map(
            fn(string $slug): string => $this->viewer->words()->person($slug),
            $comment->mentionedSlugs(),
        );

        return [
            'id' => $comment->id,
            'at' => Moment::of($comment->at),
            'what' => 'said',
            'said' => $this->viewer
                ->words()
                ->words->say($comment->from_customer ? 'history.customer_said' : 'history.said', [
                    'who' => (string) $this->by($comment->user?->name, $comment->for),
                    'to' => $names === [] ? 'none' : implode(', ', $names),
                ]),
            'reason' => null,
            'changes' => [],
            'because' => null,
            'comment' => $comment->body,
            'decision' => null,
            'follows' => [],
        ];
    }
}
