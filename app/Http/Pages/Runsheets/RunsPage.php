<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Http\Viewer;
use App\Models\Runsheets\Run;
use OpenBaton\Core\Flow\Run\RunState;

/** The runs of the house: those that go on, or those that are over. Its type is RunsPage.ts. */
final readonly class RunsPage
{
    private const PAGE = 50;

    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> */
    public function props(int $page, bool $over): array
    {
        $found = Run::query()
            ->where('state', $over ? '!=' : '=', RunState::Running)
            ->with(RunLine::RELATIONS)
            ->orderByDesc($over ? 'over_at' : 'started_at')
            ->orderByDesc('id')
            ->paginate(self::PAGE, page: $page);

        return [
            'runs' => array_map(fn(Run $run): array => RunLine::of($run, $this->viewer), $found->items()),
            'over' => $over,
            'page' => $found->currentPage(),
            'pages' => $found->lastPage(),
        ];
    }
}
