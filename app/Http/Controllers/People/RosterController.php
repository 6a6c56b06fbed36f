<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Viewer;
use App\Models\House\House;
use App\People\SaveRosterPart;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Teams, skills and the hours of the house, as parts of a roster document, which the core checks. */
final class RosterController
{
    /** @param string|null $slug null: a new one */
    public function save(
        string $list,
        Request $request,
        Viewer $viewer,
        SaveRosterPart $save,
        ?string $slug = null,
    ): JsonResponse {
        Gate::authorize('keepRoster', House::class);
        $save->save($list === 'teams' ? 'teams' : 'skills', $slug, self::document($request), $viewer->actor());

        return new JsonResponse(['saved' => true]);
    }

    public function remove(string $list, string $slug, Viewer $viewer, SaveRosterPart $save): JsonResponse
    {
        Gate::authorize('keepRoster', House::class);
        $save->remove($list === 'teams' ? 'teams' : 'skills', $slug, $viewer->actor());

        return new JsonResponse(['removed' => true]);
    }

    public function house(Request $request, Viewer $viewer, SaveRosterPart $save): JsonResponse
    {
        Gate::authorize('keepRoster', House::class);
        $save->house(self::document($request), $viewer->actor());

        return new JsonResponse(['saved' => true]);
    }

    /** @return array<string, mixed> */
    private static function document(Request $request): array
    {
        $request->validate(['document' => ['required', 'array']]);
        /** @var array<string, mixed> $document */
        $document = array_diff_key((array) $request->input('document'), ['id' => true, 'members' => true]);

        return array_filter($document, static fn(mixed $value): bool => $value !== null && $value !== '');
    }
}
