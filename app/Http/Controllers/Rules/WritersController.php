<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Models\Rules\RulebookWriter;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\TextLimits;

/** Who else has the rulebook open to write it. */
final class WritersController
{
    private const MOST = 20;

    /** Says that one is there, and gives the others. */
    public function __invoke(Request $request, Viewer $viewer): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $request->validate(['rule' => ['nullable', 'string', 'max:' . TextLimits::ID]]);
        $userId = $viewer->user()->id;
        RulebookWriter::query()->upsert(
            [
                'user_id' => $userId,
                'rule_id' => $request->filled('rule') ? $request->string('rule')->toString() : null,
                'seen_at' => CarbonImmutable::now(),
            ],
            ['user_id'],
        );

        return new JsonResponse([
            'others' => RulebookWriter::besides($userId)
                ->with('user:id,name')
                ->orderBy('user_id')
                ->limit(self::MOST)
                ->get()
                ->map(
                    static fn(RulebookWriter $one): array => [
                        'name' => (string) $one->user?->name,
                        'rule' => $one->rule_id,
                    ],
                )
                ->values(),
        ]);
    }
}
