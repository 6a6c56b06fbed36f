<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Cases\TrackRiver;
use App\Fields\Choices;
use App\Http\Pages\Moment;
use App\Http\Pages\Rules\Vocabulary;
use App\Http\Viewer;
use App\Models\Cases\Track;
use App\Models\Cases\TrackVersion;
use App\Models\Guides\Guide;
use OpenBaton\Core\Rulebook\KindRegistry;

/** A track that is written. Its type is TrackEditorPage.ts. */
final readonly class TrackEditorPage
{
    private const VERSIONS = 50;

    public function __construct(private Viewer $viewer) {}

    /**
     * @param Track|null $row null: a new one
     *
     * @return array<string, mixed>
     */
    public function props(?Track $row): array
    {
        return [
            'track' =>
                $row === null
                    ? null
                    : [
                        'slug' => $row->slug,
                        'name' => $row->name,
                        'revision' => $row->revision,
                        'hasDraft' => $row->draft !== null,
                        'published' => $row->published?->number,
                    ],
            'document' => $row->draft ?? $row?->published?->document,
            'kept' => $row?->published?->document,
            'vocabulary' => (new Vocabulary(KindRegistry::standard()))->of($this->viewer->snapshot()),
            'guides' => Choices::of(Guide::names()),
            'open' => (object) ($row === null ? [] : TrackRiver::open($row->id)),
            'versions' => $row === null ? [] : self::versions($row),
        ];
    }

    /** @return list<array{number: int, at: string, by: string|null}> the latest first */
    private static function versions(Track $row): array
    {
        return array_values(
            $row
                ->versions()
                ->with('publishedBy')
                ->orderByDesc('number')
                ->limit(self::VERSIONS)
                ->get()
                ->map(
                    static fn(TrackVersion $version): array => [
                        'number' => (int) $version->number,
                        'at' => Moment::of($version->published_at),
                        'by' => $version->publishedBy?->name,
                    ],
                )
                ->all(),
        );
    }
}
