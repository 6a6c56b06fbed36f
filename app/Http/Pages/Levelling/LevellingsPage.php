<?php

declare(strict_types=1);

namespace App\Http\Pages\Levelling;

use App\Http\Pages\TeamRefs;
use App\Http\Viewer;
use App\Levelling\LevelTerms;
use App\Models\Levelling\Levelling;
use OpenBaton\Core\Levelling\Measure;

/** The latest levellings, of whoever leads, and the form for another one. Its type is LevellingsPage.ts. */
final readonly class LevellingsPage
{
    private const LATEST = 30;

    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> */
    public function props(): array
    {
        return [
            'levellings' => fn(): array => array_values(
                Levelling::query()
                    ->with(['user', 'appliedBy'])
                    ->short()
                    ->latest('begun_at')
                    ->latest('id')
                    ->limit(self::LATEST)
                    ->get()
                    ->map(fn(Levelling $one): array => LevellingLine::of($one, $this->viewer))
                    ->all(),
            ),
            'options' => fn(): array => self::options($this->viewer),
        ];
    }

    /** @return array<string, mixed> what can be chosen, a LevelOptions of LevellingsPage.ts */
    public static function options(Viewer $viewer): array
    {
        return [
            'teams' => TeamRefs::all($viewer->snapshot()->roster),
            'days' => LevelTerms::DAYS,
            'measures' => array_column(Measure::cases(), 'value'),
            'mostMoves' => LevelTerms::MOST_MOVES,
            'mostSaving' => LevelTerms::MOST_SAVING,
        ];
    }
}
