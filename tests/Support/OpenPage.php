<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Http\Middleware\ShareWithPages;
use Illuminate\Http\Request;

/** What a page that is open in a browser sends with what it asks for. */
final class OpenPage
{
    /** @return array<string, string> headers of a visit to another page, or to the same anew */
    public static function visits(): array
    {
        return [
            'X-Inertia' => 'true',
            'X-Inertia-Version' => (string) app(ShareWithPages::class)->version(new Request()),
            'Accept' => 'text/html, application/xhtml+xml',
        ];
    }

    /** @return array<string, string> headers of what its own scripts ask for */
    public static function asks(): array
    {
        return ['Accept' => 'application/json', 'X-Requested-With' => 'XMLHttpRequest'];
    }
}
