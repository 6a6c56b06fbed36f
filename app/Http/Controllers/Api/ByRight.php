<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Problems;
use App\Models\Access\TokenAbility;
use App\Models\Access\User;
use App\Models\House\House;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** What a token has to carry a right for, and its owner has to be allowed in the house. */
final class ByRight
{
    /** @param callable(): JsonResponse $answer */
    public static function answer(
        Request $request,
        TokenAbility $right,
        string $ability,
        callable $answer,
    ): JsonResponse {
        $user = $request->user();
        if (!($user instanceof User) || !$user->tokenCan($right->value)) {
            return Problems::response(
                403,
                'not-allowed',
                'Not allowed.',
                app(Words::class)->sentence('The token does not carry the right "{right}".', [
                    'right' => $right->value,
                ]),
            );
        }
        Gate::authorize($ability, House::class);

        return $answer();
    }
}
