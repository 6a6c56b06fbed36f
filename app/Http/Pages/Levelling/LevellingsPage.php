<?php

declare(strict_types=1);

namespace App\Http\Pages\Levelling;

use App\Http\Viewer;
use App\Levelling\LevelTerms;
use App\Models\Levelling\Levelling;
use OpenBaton\Core\Levelling\Measure;
use OpenBaton\Core\People\Team;

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
                    // What there was to level is long, and not shown here.
                    ->select(array_map(static fn(string $of): string => "levellings.{$of}", self::COLUMNS))
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

    private const COLUMNS = [
        'id',
        'user_id',
        'state',
        'teams',
        'terms',
        'at',
        'until',
        'result',
        'why',
        'begun_at',
        'applied_at',
        'applied_by',
        'undone_at',
    ];

    /** @return array<string, mixed> what can be chosen, a LevelOptions of LevellingsPage.ts */
    public static function options(Viewer $viewer): array
    {
        return [
            'teams' => array_values(
                array_map(
                    static fn(Team $team): array => ['slug' => $team->id, 'name' => $team->name],
                    $viewer->snapshot()->roster->teams,
                ),
            ),
            'days' => LevelTerms::DAYS,
            'measures' => array_column(Measure::cases(), 'value'),
            'mostMoves' => LevelTerms::MOST_MOVES,
            'mostSaving' => LevelTerms::MOST_SAVING,
        ];
    }
}
