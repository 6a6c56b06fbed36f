<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Http\Pages\Moment;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskFile;

/** The files of a task or a case by pages, the latest first. Its type is TaskFiles.ts. */
final class TaskFiles
{
    public const MOST = 20;

    /**
     * @param string|null $before the id of a file; null: the latest page
     *
     * @return array{files: list<array<string, mixed>>, earlier: string|null} earlier: the id before which there are
     *     more; null: these are the first
     */
    public static function page(Task|CustomerCase $of, ?string $before = null): array
    {
        $found = $of
            ->files()
            ->with('user')
            ->when($before !== null, static fn($query) => $query->where('id', '<', $before))
            ->orderByDesc('id')
            ->limit(self::MOST + 1)
            ->get();
        $page = $found->take(self::MOST);

        return [
            'files' => array_values($page->map(self::line(...))->all()),
            'earlier' => $found->count() > self::MOST ? $page->last()?->id : null,
        ];
    }

    /** @return array<string, mixed> */
    private static function line(TaskFile $file): array
    {
        return [
            'id' => $file->id,
            'name' => $file->name,
            'size' => $file->size,
            'at' => Moment::of($file->at),
            'by' => (string) $file->user?->name,
        ];
    }
}
