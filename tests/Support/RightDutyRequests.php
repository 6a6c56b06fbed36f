<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Duties\Duty;
use Illuminate\Routing\Route;

/** Requests about standing duties that are right. */
final class RightDutyRequests
{
    /** @return array<string, mixed>|null */
    public static function body(Route $route): ?array
    {
        return match ($route->methods()[0] . ' ' . $route->uri()) {
            'POST duties/preview' => Duties::document(),
            'PUT duties' => ['revision' => 0, 'document' => Duties::document(['id' => 'oil', 'name' => 'Oil'])],
            'POST duties/{duty}/end' => ['revision' => Duty::query()->sole()->revision],
            default => null,
        };
    }
}
