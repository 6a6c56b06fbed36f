<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Cases\Track;

/** A draft of a track is not as it was looked at. */
final class TrackMovedOn extends Refused
{
    public static function since(Track $track): self
    {
        return new self('track_moved_on.draft', ['track' => $track->name]);
    }
}
