<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Cases\Track;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TrackFormat;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Track as CoreTrack;

/** The tracks of the house, each as it is published and as it would be. Its type is TracksPage.ts. */
final readonly class TracksPage
{
    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> */
    public function props(): array
    {
        return [
            'tracks' => array_values(
                Track::query()
                    ->with('published.publishedBy')
                    ->withCount([
                        'cases as open' => static fn(Builder $cases): Builder => $cases->whereNull('closed_at'),
                    ])
                    ->orderBy('position')
                    ->get()
                    ->map(
                        fn(Track $row): array => $this->track($row) + [
                            'open' => is_numeric($row->getAttribute('open')) ? (int) $row->getAttribute('open') : 0,
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function track(Track $row): array
    {
        $format = new TrackFormat($this->viewer->snapshot()->ruleContext());
        $read = static function (mixed $document) use ($format): ?CoreTrack {
            try {
                return $document === null ? null : $format->read(Node::root($document));
            } catch (DocumentError) {
                // A draft may name what is gone by now: publishing says what.
                return null;
            }
        };
        $published = $read($row->published?->document);
        $draft = $read($row->draft);

        return [
            'id' => $row->id,
            'slug' => $row->slug,
            'name' => $row->name,
            'revision' => $row->revision,
            'hasDraft' => $row->draft !== null,
            'published' =>
                $row->published === null
                    ? null
                    : [
                        'number' => $row->published->number,
                        'at' => Moment::of($row->published->published_at),
                        'by' => $row->published->publishedBy?->name,
                    ],
            'stages' => $this->stages($draft ?? $published),
            'outcomes' => array_values(($draft ?? $published)->outcomes ?? []),
            'ownerTakesTasks' => ($draft ?? $published)?->ownerTakesTasks === true,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function stages(?CoreTrack $track): array
    {
        $words = new TrackWords($this->viewer->words());

        return array_map(
            static fn(Stage $stage): array => [
                'key' => $stage->key,
                'name' => $stage->name,
                'target' => $stage->target,
                'retired' => $stage->retired,
                'enter' => array_map($words->gate(...), $stage->enter),
                'leave' => array_map($words->gate(...), $stage->leave),
                'movers' => $words->movers($stage->movers),
            ],
            $track === null ? [] : $track->stages,
        );
    }
}
