<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Bridge\SnapshotSource;
use App\Cases\ReadTrack;
use App\Http\Pages\Rules\RulebookPage;
use App\Http\Viewer;
use App\Models\Cases\Track;
use App\Models\Guides\Guide;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Track as CoreTrack;
use OpenBaton\Core\Flow\TrackDifference;
use OpenBaton\Core\Flow\TrackDifferences;

/** What a track would be like: what stands against it, and what is otherwise than in force. */
final readonly class TrackPreview
{
    public function __construct(private Viewer $viewer, private ReadTrack $read, private SnapshotSource $snapshots) {}

    /**
     * @return array{faults: list<array<string, mixed>>, differences: list<array<string, mixed>>|null} null: they
     *     can't be told, for what stands against it
     */
    public function of(Node $document): array
    {
        try {
            $track = ($this->read)($document);
        } catch (DocumentError $error) {
            return ['faults' => RulebookPage::faults($error->faults), 'differences' => null];
        }

        return ['faults' => [], 'differences' => $this->differences($track)];
    }

    /** @return list<array{stage: string|null, text: string}> stage: key of the one of which it tells */
    private function differences(CoreTrack $track): array
    {
        $words = new TrackWords($this->viewer->words(), Guide::names());

        return array_map(
            static fn(TrackDifference $one): array => [
                'stage' => $one->stage?->key,
                'text' => $words->difference($one),
            ],
            TrackDifferences::between($this->snapshots->current()->tracks[$track->id] ?? null, $track),
        );
    }
}
