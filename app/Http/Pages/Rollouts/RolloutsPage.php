<?php

declare(strict_types=1);

namespace App\Http\Pages\Rollouts;

use App\Models\Rollouts\Rollout;

/** The rollouts of the house, the latest first. Its type is RolloutLine.ts. */
final class RolloutsPage
{
    private const PAGE = 50;

    /** @return array<string, mixed> */
    public function props(int $page): array
    {
        $found = Rollout::query()
            ->with('beginner')
            ->orderByDesc('begun_at')
            ->orderByDesc('id')
            ->paginate(self::PAGE, page: $page);

        return [
            'rollouts' => RolloutLine::all($found->getCollection()),
            'page' => $found->currentPage(),
            'pages' => $found->lastPage(),
        ];
    }
}
