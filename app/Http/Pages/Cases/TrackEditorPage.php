<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Cases\TrackRiver;
use App\Fields\Choices;
use App\Http\Pages\Rules\Vocabulary;
use App\Http\Pages\WrittenVersions;
use App\Http\Viewer;
use App\Models\Cases\Track;
use App\Models\Guides\Guide;
use OpenBaton\Core\Rulebook\KindRegistry;

/** A track that is written. Its type is TrackEditorPage.ts. */
final readonly class TrackEditorPage
{
    public function __construct(private Viewer $viewer) {}

    /**
     * @param Track|null $row null: a new one
     *
     * @return array<string, mixed>
     */
    public function props(?Track $row): array
    {
        return [
            'written' => WrittenVersions::head($row),
            'document' => $row->draft ?? $row?->published?->document,
            'kept' => $row?->published?->document,
            'vocabulary' => (new Vocabulary(KindRegistry::standard()))->of($this->viewer->snapshot()),
            'guides' => Choices::of(Guide::names()),
            'open' => (object) ($row === null ? [] : TrackRiver::open($row->id)),
            'versions' => WrittenVersions::of($row),
        ];
    }
}
