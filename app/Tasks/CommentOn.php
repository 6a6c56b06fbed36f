<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Speaker;
use App\Bridge\Snapshot;
use App\Models\People\Person;
use App\Models\Tasks\Comment;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Rulebook\Event\CommentAdded;
use OpenBaton\Core\Rulebook\Event\Mentioned;
use OpenBaton\Core\Subject\TaskSubject;

/** Somebody says something on a task. Whoever is spoken to watches it from then on. */
final readonly class CommentOn
{
    public function __construct(private EditTask $edit) {}

    /** @param list<string> $mentions people who are spoken to, by slug */
    public function __invoke(Task $task, string $body, array $mentions, Speaker $by): Task
    {
        $author = $by->authorOn($task);

        return ($this->edit)(
            $task->id,
            null,
            new Edit(
                'commented',
                static fn(TaskSubject $subject, Snapshot $house): TaskSubject => $subject
                    ->with(['comments' => $subject->comments + 1])
                    ->watchedBy(
                        array_values(
                            array_filter($mentions, static fn(string $slug): bool => isset($house->personIds[$slug])),
                        ),
                    ),
                happened: [
                    new CommentAdded($author),
                    ...array_map(static fn(string $slug): Mentioned => new Mentioned($author, $slug), $mentions),
                ],
                besides: static function (Task $row, ?Person $for) use ($body, $mentions, $by): void {
                    Comment::query()->create([
                        'task_id' => $row->id,
                        ...$by->columns(),
                        'for_id' => $for?->id,
                        'body' => $body,
                        'mentions' => $mentions,
                        'at' => CarbonImmutable::now(),
                    ]);
                },
            ),
            $by->actor(),
        );
    }
}
