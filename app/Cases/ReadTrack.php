<?php

declare(strict_types=1);

namespace App\Cases;

use App\Bridge\SnapshotSource;
use App\Models\Cases\CaseStay;
use App\Models\Cases\Track;
use App\Models\Guides\Guide;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TrackFormat;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Track as CoreTrack;

/** Reads the document of a track, held against the house as it is. */
final readonly class ReadTrack
{
    public function __construct(private SnapshotSource $snapshots) {}

    /** @throws DocumentError with all that is wrong with it */
    public function __invoke(Node $document): CoreTrack
    {
        $track = (new TrackFormat($this->snapshots->current()->ruleContext()))->read($document);
        $faults = new Faults();
        $faults->collect(fn() => $this->keepsStages($document->get('stages'), $track));
        $faults->collect(fn() => $this->knowsGuides($document->get('stages'), $track));
        $faults->throwIfAny();

        return $track;
    }

    /** @throws DocumentError where cases were in a stage that is left out: nobody could say what it was called */
    private function keepsStages(Node $stages, CoreTrack $track): null
    {
        $row = Track::query()->with('published')->where('slug', $track->id)->first();
        $published = $row?->published?->document;
        $known = is_array($published) && is_array($published['stages'] ?? null) ? $published['stages'] : [];
        foreach (array_column($known, 'name', 'key') as $key => $name) {
            $isLeftOut = !$track->has((string) $key);
            if (
                $isLeftOut &&
                CaseStay::query()
                    ->where(['track_id' => $row?->id, 'stage' => $key])
                    ->exists()
            ) {
                throw $stages->fail(
                    'Cases were in the stage "{stage}": it is retired, not left out.',
                    stage: is_string($name) ? $name : (string) $key,
                );
            }
        }

        return null;
    }

    /** @throws DocumentError where a stage names a guide that is not there, or retired */
    private function knowsGuides(Node $stages, CoreTrack $track): null
    {
        $named = array_filter(array_map(static fn(Stage $stage): ?string => $stage->guide, $track->stages));
        $there = Guide::names();
        foreach (array_filter($named, static fn(string $guide): bool => !isset($there[$guide])) as $place => $guide) {
            throw $stages->items()[$place]->get('guide')->fail('There is no guide "{guide}".', guide: $guide);
        }

        return null;
    }
}
