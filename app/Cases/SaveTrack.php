<?php

declare(strict_types=1);

namespace App\Cases;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Cases\Track;
use App\Models\Cases\TrackVersion;
use App\Models\House\House;
use App\Refusals\TrackMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TrackFormat;

/** Keeps a draft of a track, publishes it, or throws it away. Publishing moves no case. */
final readonly class SaveTrack
{
    public function __construct(private ReadTrack $read) {}

    /**
     * @param Node     $document of a track; one that has its id is changed, else it is another one
     * @param int|null $seen     revision of the track from which it was written; 0: it is to be a new one; null: it
     *                           takes the place of whatever is there
     *
     * @throws DocumentError with all that is wrong with it
     * @throws TrackMovedOn  where somebody else has changed it since
     */
    public function draft(Node $document, Actor $by, ?int $seen = null): Track
    {
        $track = ($this->read)($document);

        return DB::transaction(function () use ($document, $track, $by, $seen): Track {
            House::query()->lockForUpdate()->firstOrFail();
            $row = Track::query()->firstOrNew(
                ['slug' => $track->id],
                [
                    'name' => $track->name,
                    'position' => 1 + Track::query()->count(),
                    'revision' => 0,
                ],
            );
            if ($seen === 0 && $row->exists) {
                throw $document->get('id')->fail('There is a track "{id}" already.', id: $track->id);
            }
            if ($seen !== null && $row->revision !== $seen) {
                throw TrackMovedOn::since($row);
            }
            $row->draft = TrackFormat::write($track);
            ++$row->revision;
            $row->save();
            Audit::record($by, 'house', 'track_drafted', 'Track changed', $row);

            return $row;
        }, attempts: 3);
    }

    /** @throws TrackMovedOn where somebody else has saved another draft, or there is none */
    public function publish(Track $track, int $seen, Actor $by): void
    {
        DB::transaction(function () use ($track, $seen, $by): void {
            House::query()->lockForUpdate()->firstOrFail();
            $row = $this->locked($track, $seen);
            // The house may have changed since it was saved.
            $read = ($this->read)(Node::root($row->draft));
            $version = TrackVersion::query()->create([
                'track_id' => $row->id,
                'number' => 1 + $row->versions()->count(),
                'document' => TrackFormat::write($read),
                'published_by' => $by->user?->id,
                'published_at' => CarbonImmutable::now(),
            ]);
            $row->fill(['name' => $read->name, 'draft' => null, 'published_id' => $version->id]);
            ++$row->revision;
            $row->save();
            House::query()->increment('roster_revision');
            Audit::record($by, 'house', 'track_published', 'Track published', $row);
        }, attempts: 3);
    }

    /** @throws TrackMovedOn where somebody else has saved another draft, or there is none */
    public function discard(Track $track, int $seen, Actor $by): void
    {
        DB::transaction(function () use ($track, $seen, $by): void {
            $row = $this->locked($track, $seen);
            $row->draft = null;
            ++$row->revision;
            $row->published_id === null ? $row->delete() : $row->save();
            Audit::record($by, 'house', 'track_discarded', 'Draft of a track thrown away', $row);
        }, attempts: 3);
    }

    private function locked(Track $track, int $seen): Track
    {
        $row = Track::query()->lockForUpdate()->find($track->id);

        return $row === null || $row->draft === null || $row->revision !== $seen
            ? throw TrackMovedOn::since($track)
            : $row;
    }
}
