<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Problems;
use App\Models\Access\TokenAbility;
use App\Words\Words;
use Illuminate\Http\JsonResponse;

/** What a token has to carry a right for. */
final class ByRight
{
    public static function refused(TokenAbility $right): JsonResponse
    {
        return Problems::response(
            403,
            'not-allowed',
            'Not allowed.',
            app(Words::class)->sentence('The token does not carry the right "{right}".', ['right' => $right->value]),
        );
    }
}
