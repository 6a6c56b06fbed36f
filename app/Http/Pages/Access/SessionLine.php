<?php

declare(strict_types=1);

namespace App\Http\Pages\Access;

use App\Http\Pages\Moment;
use App\Models\Access\OpenSession;
use Carbon\CarbonImmutable;

/** Where somebody is signed in. Its type is AccountPage.ts. */
final class SessionLine
{
    /** What browsers and systems call themselves, the more telling first. */
    private const BROWSERS = ['Edg' => 'Edge', 'Firefox' => 'Firefox', 'Chrome' => 'Chrome', 'Safari' => 'Safari'];

    private const SYSTEMS = [
        'Android' => 'Android',
        'iPhone' => 'iPhone',
        'iPad' => 'iPad',
        'Windows' => 'Windows',
        'Mac OS' => 'Mac',
        'Linux' => 'Linux',
    ];

    /**
     * @return array{name: string, here: bool, browser: string|null, system: string|null, ip: string|null, at: string}
     */
    public static function of(OpenSession $session, bool $here): array
    {
        $agent = (string) $session->user_agent;

        return [
            'name' => $session->name(),
            'here' => $here,
            'browser' => self::named($agent, self::BROWSERS),
            'system' => self::named($agent, self::SYSTEMS),
            'ip' => $session->ip_address,
            'at' => Moment::of(CarbonImmutable::createFromTimestamp($session->last_activity)),
        ];
    }

    /** @param array<string, string> $names */
    private static function named(string $agent, array $names): ?string
    {
        foreach ($names as $mark => $name) {
            if (str_contains($agent, $mark)) {
                return $name;
            }
        }

        return null;
    }
}
