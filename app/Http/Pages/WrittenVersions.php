<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\Cases\Track;
use App\Models\Runsheets\Runsheet;

/** The versions of something that leads write. Its type is WrittenVersions.ts. */
final class WrittenVersions
{
    private const MOST = 50;

    /**
     * @param Track|Runsheet|null $row null: a new one
     *
     * @return list<array{number: int, at: string, by: string|null}> the latest first
     */
    public static function of(Track|Runsheet|null $row): array
    {
        $lines = [];
        foreach (
            $row?->versions()->with('publishedBy')->orderByDesc('number')->limit(self::MOST)->get() ?? []
            as $version
        ) {
            $lines[] = [
                'number' => (int) $version->number,
                'at' => Moment::of($version->published_at),
                'by' => $version->publishedBy?->name,
            ];
        }

        return $lines;
    }

    /**
     * What is worked on; null: it is a new one.
     *
     * @return array<string, mixed>|null
     */
    public static function head(Track|Runsheet|null $row): ?array
    {
        return $row === null
            ? null
            : [
                'slug' => $row->slug,
                'name' => $row->name,
                'revision' => $row->revision,
                'hasDraft' => $row->draft !== null,
                'published' => $row->published?->number,
            ];
    }
}
