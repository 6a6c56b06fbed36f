<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Tasks\TaskFile;
use App\Tasks\StoredFile;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;

/** A file is stored before its row is committed: where the process dies between the two, no task has it. */
final class SweepFiles extends Command
{
    /** Days for which a file without a row is kept, should the database have been put back to an earlier state. */
    private const KEPT = 7;

    private const AT_A_TIME = 500;

    protected $signature = 'baton:sweep-files';

    protected $description = 'Remove stored files that no task has, a week after they were stored';

    public function handle(): int
    {
        $disk = Storage::disk(StoredFile::DISK);
        $before = CarbonImmutable::now()->subDays(self::KEPT)->getTimestamp();
        $swept = 0;
        /** @var list<string> $folders */
        $folders = $disk->directories();
        foreach ($folders as $folder) {
            /** @var list<string> $files */
            $files = $disk->files($folder);
            $old = array_filter($files, static fn(string $path): bool => $disk->lastModified($path) < $before);
            foreach (array_chunk($old, self::AT_A_TIME) as $some) {
                $found = TaskFile::query()
                    ->whereIn('path', $some)
                    ->get('path')
                    ->map(static fn(TaskFile $file): string => $file->path)
                    ->all();
                $left = array_diff($some, $found);
                $disk->delete($left);
                $swept += count($left);
            }
        }
        $this->line(
            $swept === 1 ? 'One file that no task has is removed.' : "{$swept} files that no task has are removed.",
        );

        return 0;
    }
}
