<?php

declare(strict_types=1);

use OpenBaton\Core\Foreseen;
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

it('throws nothing of its own that is not foreseen, and refuses with words for each refusal', function (): void {
    $classes = static function (string $directory, string $namespace): array {
        $files = Finder::create()->files()->name('*.php')->in($directory)->contains('/^(final |abstract )?class \w+ extends \w*(Exception|Refused)\b/m');

        return array_map(static fn(SplFileInfo $file): string => $namespace.str_replace(['/', '.php'], ['\\', ''], substr((string) $file, strlen($directory))), array_values(iterator_to_array($files)));
    };
    $thrown = [...$classes(app_path(), 'App'), ...$classes(base_path('core/src'), 'OpenBaton\\Core')];
    expect(count($thrown))->toBeGreaterThan(8);
    foreach ($thrown as $class) {
        expect([$class, is_a($class, Foreseen::class, true)])->toBe([$class, true]);
    }

    $code = implode("\n", array_map(static fn(SplFileInfo $file): string => (string) file_get_contents((string) $file), array_values(iterator_to_array(Finder::create()->files()->in(app_path('Refusals'))))));
    preg_match_all("/'([a-z_]+\.[a-z_]+)'/", $code, $found);
    $refused = (array) json_decode((string) file_get_contents(resource_path('words/en.json')), true)['refused'];
    $known = [];
    foreach ($refused as $family => $words) {
        foreach (array_diff(array_keys((array) $words), ['title']) as $name) {
            $known[] = "{$family}.{$name}";
        }
        expect($words)->toHaveKey('title');
    }
    expect(collect($found[1])->sort()->values()->all())->toBe(collect($known)->sort()->values()->all());
});

it('makes what is known of a moment together', function (): void {
    // State, snapshot and router come from HouseAt; the others read the snapshot alone, or a revision alone.
    expect(filesWith('/new (Router|HouseAt)\(/'))->toBe(['app/Bridge/HouseAt', 'app/Bridge/Houses'])
        ->and(filesWith('/snapshots->at\(/'))->toBe(['app/Bridge/Houses']);
});
