<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Http\Pages\Rules\Vocabulary;
use App\Http\Pages\WrittenVersions;
use App\Http\Viewer;
use App\Models\Runsheets\Runsheet;
use OpenBaton\Core\Rulebook\KindRegistry;

/** A runsheet that is written. Its type is RunsheetEditorPage.ts. */
final readonly class RunsheetEditorPage
{
    public function __construct(private Viewer $viewer) {}

    /**
     * @param Runsheet|null $row null: a new one
     *
     * @return array<string, mixed>
     */
    public function props(?Runsheet $row): array
    {
        return [
            'written' => WrittenVersions::head($row),
            'document' => $row->draft ?? $row?->published?->document,
            'vocabulary' => (new Vocabulary(KindRegistry::standard()))->of($this->viewer->snapshot()),
            'versions' => WrittenVersions::of($row),
        ];
    }
}
