<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\House\House;
use Illuminate\Database\QueryException;
use Illuminate\Http\Response;

/** Whether the application can do its work, for whatever watches over it. */
final class UpController
{
    public function __invoke(): Response
    {
        try {
            House::query()->toBase()->exists();

            return self::say(200, 'up');
        } catch (QueryException) {
            return self::say(503, 'the database is not there');
        }
    }

    private static function say(int $status, string $what): Response
    {
        return new Response("{$what}\n", $status, [
            'Content-Type' => 'text/plain; charset=UTF-8',
            'Cache-Control' => 'no-store',
        ]);
    }
}
