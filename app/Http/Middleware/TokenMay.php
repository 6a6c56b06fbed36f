<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Controllers\Api\ByRight;
use App\Models\Access\TokenAbility;
use App\Models\Access\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A token does what it carries the right for; what its owner may is asked after that. */
final class TokenMay
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next, string $right): Response
    {
        $user = $request->user();

        return $user instanceof User && $user->tokenCan($right)
            ? $next($request)
            : ByRight::refused(TokenAbility::from($right));
    }

    public static function carry(TokenAbility $right): string
    {
        return self::class . ":{$right->value}";
    }
}
