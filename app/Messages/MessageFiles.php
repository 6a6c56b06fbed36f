<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Messages\Message;
use App\Models\Tasks\TaskFile;
use App\Tasks\StoredFile;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Storage;

/** Files of a task or a case that go with a message: the latest, as many as a mail takes. */
final class MessageFiles
{
    private const MOST = 10;
    private const MOST_BYTES = 20_000_000;

    /** @return list<string> ids, in the order in which they were attached */
    public static function of(WhatAbout $about): array
    {
        $ids = [];
        $left = self::MOST_BYTES;
        $files = TaskFile::query()
            ->where(array_filter($about->columns()))
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get(['id', 'size']);
        foreach ($files as $file) {
            $left -= $file->size;
            if ($left < 0) {
                break;
            }
            $ids[] = $file->id;
        }

        return array_reverse($ids);
    }

    /** @return Collection<int, TaskFile> of what it is about still, in their order */
    public static function with(Message $message): Collection
    {
        return TaskFile::query()
            ->where(WhatAbout::key($message))
            ->whereKey($message->fileIds())
            ->orderBy('id')
            ->get()
            ->toBase();
    }

    /**
     * @param list<Message> $messages
     *
     * @return array<array-key, string> names of their files, by id
     */
    public static function names(array $messages): array
    {
        $ids = array_merge(...array_map(static fn(Message $one): array => $one->fileIds(), $messages));

        return $ids === []
            ? []
            : array_map(
                static fn(TaskFile $file): string => $file->name,
                TaskFile::query()
                    ->findMany($ids, ['id', 'name'])
                    ->keyBy('id')
                    ->all(),
            );
    }

    /** @return string|null its content; null: it is gone */
    public static function content(TaskFile $file): ?string
    {
        return Storage::disk(StoredFile::DISK)->get($file->path);
    }
}
