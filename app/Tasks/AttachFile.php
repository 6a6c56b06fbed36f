<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Speaker;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskFile;
use Illuminate\Http\UploadedFile;
use OpenBaton\Core\Rulebook\Event\FileAdded;
use OpenBaton\Core\Subject\TaskSubject;

/** Attaches a file to a task. */
final readonly class AttachFile
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, UploadedFile $file, Speaker $by): Task
    {
        return StoredFile::keep(
            $file,
            $task->id,
            fn(StoredFile $stored): Task => ($this->edit)(
                $task->id,
                null,
                new Edit(
                    'attached',
                    static fn(TaskSubject $subject): TaskSubject => $subject->with(['files' => $subject->files + 1]),
                    reason: $stored->name,
                    happened: [new FileAdded($by->authorOn($task))],
                    besides: static function (Task $row) use ($stored, $by): void {
                        TaskFile::query()->create([
                            'task_id' => $row->id,
                            ...$by->columns(),
                            ...$stored->columns(),
                        ]);
                    },
                ),
                $by->actor(),
            ),
        );
    }
}
