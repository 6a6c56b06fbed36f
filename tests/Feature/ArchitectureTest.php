<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;

/** @return list<string> files of the application, without ".php", whose code has this, in order */
function filesWith(string $pattern): array
{
    $files = Finder::create()->files()->name('*.php')->in([app_path(), database_path('seeders')])->contains($pattern);
    $names = array_map(static fn(SplFileInfo $file): string => substr((string) $file, strlen(base_path()) + 1, -4), array_values(iterator_to_array($files)));
    sort($names);

    return $names;
}

it('runs chains and records them in one place', function (): void {
    expect(filesWith('/new Chain\(/'))->toBe(['app/Bridge/ChangeRunner'])
        ->and(filesWith('/\bChainRecorder\b/'))->toBe(['app/Bridge/ChainRecorder', 'app/Bridge/ChangeRunner'])
        ->and(filesWith('/\bChangeRunner\b/'))->toBe([
            'app/Actions/EditCustomer', 'app/Actions/EditTask', 'app/Actions/RetryTask', 'app/Actions/RouteTask', 'app/Bridge/ChangeRunner', 'app/Cover/MoveCovered',
        ]);
});

it('makes what is known of a moment together', function (): void {
    // State, snapshot and router come from HouseAt; the others read the snapshot alone, or a revision alone.
    expect(filesWith('/new (Router|HouseAt)\(/'))->toBe(['app/Bridge/HouseAt', 'app/Bridge/Houses'])
        ->and(filesWith('/snapshots->at\(/'))->toBe(['app/Bridge/Houses']);
});
