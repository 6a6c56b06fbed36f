<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Application;
use Illuminate\Http\Middleware\TrustHosts;

/** Answers under the names of the application alone: links that it makes have the name that was asked for. */
final class KnownHosts extends TrustHosts
{
    public function __construct(Application $app)
    {
        parent::__construct($app);
    }

    /** @return list<string> patterns */
    public function hosts(): array
    {
        return array_map(static fn(string $host): string => '^' . preg_quote($host) . '$', self::names());
    }

    protected function shouldSpecifyTrustedHosts(): bool
    {
        return self::names() !== ['*'];
    }

    /** @return list<string> */
    private static function names(): array
    {
        $names = array_values(array_filter(config()->array('baton.hosts'), is_string(...)));

        return $names === [] ? [(string) parse_url(config()->string('app.url'), PHP_URL_HOST)] : $names;
    }
}
