<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Stamps;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/**
 * Says whether anything has changed since a page was made, and what; pages ask every few seconds, nearly always by one
 * small query.
 */
final class PulseController
{
    private const MOST_TOPICS = 12;

    public function __invoke(Request $request): JsonResponse
    {
        // Whoever is signed in need not be looked up for this.
        $guard = Auth::guard('web');
        $id =
            $guard instanceof SessionGuard
                ? ($guard->hasUser()
                    ? $guard->user()?->getAuthIdentifier()
                    : $request->session()->get($guard->getName()))
                : null;
        if (!is_string($id)) {
            abort(401);
        }
        $stamps = new Stamps();
        $topics = array_slice(array_filter(explode(',', $request->string('topics')->toString())), 0, self::MOST_TOPICS);
        $stamp = $stamps->all();
        $moved = $request->string('known')->toString() !== $stamp;

        return new JsonResponse(
            ['stamp' => $stamp] + ($moved ? ['topics' => (object) $stamps->of(array_values($topics), $id)] : []),
            200,
            ['Cache-Control' => 'no-store'],
        );
    }
}
