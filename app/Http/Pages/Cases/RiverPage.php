<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Cases\CaseFilter;
use App\Cases\RecentMoves;
use App\Cases\StageFlow;
use App\Cases\TrackRiver;
use App\Http\Viewer;
use OpenBaton\Core\Flow\Track;

/** How cases flow on a track. Its type is RiverPage.ts. */
final readonly class RiverPage
{
    public function __construct(private Viewer $viewer, private TrackRiver $river, private RecentMoves $moves) {}

    /** @return array<string, mixed> */
    public function props(Track $track): array
    {
        $moves = $this->moves->counts($track);

        return [
            'track' => $track->id,
            'tracks' => CasesPage::tracks($this->viewer->snapshot()->tracks),
            'weeks' => CaseFilter::WEEKS,
            'stages' => array_map(
                static fn(StageFlow $flow): array => get_object_vars($flow),
                $this->river->of($track, $moves, $this->viewer->house()),
            ),
            'moves' => array_map(
                static fn(array $move): array => ['from' => $move[0], 'to' => $move[1], 'times' => $move[2]],
                $moves,
            ),
        ];
    }
}
