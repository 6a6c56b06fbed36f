<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Speaker;
use App\Database\Id;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskFile;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use OpenBaton\Core\Rulebook\Event\FileAdded;
use OpenBaton\Core\Subject\TaskSubject;
use RuntimeException;
use Throwable;

/** Attaches a file to a task. It lies under a name of its own; where the change fails it goes again. */
final readonly class AttachFile
{
    public const DISK = 'files';
    private const NAME = 150;

    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, UploadedFile $file, Speaker $by): Task
    {
        $path = $file->storeAs(substr($task->id, -2), Id::next(), ['disk' => self::DISK]);
        if ($path === false) {
            throw new RuntimeException('The file could not be stored.');
        }
        $name = self::name($file->getClientOriginalName());
        try {
            return ($this->edit)(
                $task->id,
                null,
                new Edit(
                    'attached',
                    static fn(TaskSubject $subject): TaskSubject => $subject->with(['files' => $subject->files + 1]),
                    reason: $name,
                    happened: [new FileAdded($by->authorOn($task))],
                    besides: static function (Task $row) use ($file, $path, $name, $by): void {
                        TaskFile::query()->create([
                            'task_id' => $row->id,
                            ...$by->columns(),
                            'name' => $name,
                            'type' => (string) $file->getMimeType(),
                            'size' => (int) $file->getSize(),
                            'path' => $path,
                            'at' => CarbonImmutable::now(),
                        ]);
                    },
                ),
                $by->actor(),
            );
        } catch (Throwable $error) {
            Storage::disk(self::DISK)->delete($path);

            throw $error;
        }
    }

    /** A name without a path, without control characters and signs that turn the direction of writing. */
    public static function name(string $given): string
    {
        $valid = mb_convert_encoding($given, 'UTF-8', 'UTF-8');
        $base = basename(str_replace('\\', '/', is_string($valid) ? $valid : ''));
        $plain = rtrim(ltrim((string) preg_replace('/[\p{Cc}\p{Cf}"<>|:*?\/\x{2028}\x{2029}]/u', '', $base)), ' .');
        $plain = str_starts_with($plain, '.') ? "file{$plain}" : $plain;
        $end = mb_substr($plain, (int) mb_strrpos($plain, '.'));

        return $plain === ''
            ? 'file'
            : (mb_strlen($plain) <= self::NAME
                ? $plain
                : mb_substr($plain, 0, self::NAME - mb_strlen($end)) . mb_substr($end, 0, 20));
    }
}
