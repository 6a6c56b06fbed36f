<?php

declare(strict_types=1);

use App\Words\Words;
use OpenBaton\Core\Foreseen;
use Symfony\Component\Finder\Finder;

/** @return list<string> files of the application, without ".php", whose code has this, in order */
function filesWith(string $pattern): array
{
    $files = Finder::create()
        ->files()
        ->name('*.php')
        ->in([app_path(), database_path('seeders')])
        ->contains($pattern);
    $names = array_map(
        static fn(SplFileInfo $file): string => substr((string) $file, strlen(base_path()) + 1, -4),
        array_values(iterator_to_array($files)),
    );
    sort($names);

    return $names;
}

/**
 * @param int $deep how many parts of a class's namespace below the directory make a module
 *
 * @return array<string, list<string>> which modules each of a directory knows, sorted
 */
function knownBy(string $directory, string $namespace, int $deep = 1): array
{
    $known = [];
    foreach (Finder::create()->files()->name('*.php')->in($directory) as $file) {
        $parts = explode('/', $file->getRelativePathname());
        if (count($parts) <= $deep) {
            continue;
        }
        $module = $parts[$deep - 1];
        $known[$module] ??= [];
        preg_match_all('/\b' . str_replace('\\', '\\\\', $namespace) . '\\\\(\w+)\\\\/', $file->getContents(), $found);
        array_push($known[$module], ...array_diff($found[1], [$module]));
    }

    return array_map(static fn(array $names): array => collect($names)->unique()->sort()->values()->all(), $known);
}

/**
 * @param array<string, list<string>> $known
 *
 * @return list<string> modules that know each other, by whatever way round
 */
function circles(array $known): array
{
    while (
        ($free = array_keys(
            array_filter($known, static fn(array $of): bool => array_intersect($of, array_keys($known)) === []),
        )) !== []
    ) {
        $known = array_diff_key($known, array_flip($free));
    }

    return array_keys($known);
}

it('has modules that know of each other what architecture.md says, and none in a circle', function (): void {
    preg_match_all(
        '/^\| (\w+) \| [^|]+ \| ([\w, ]+) \|$/m',
        (string) file_get_contents(base_path('docs/architecture.md')),
        $rows,
        PREG_SET_ORDER,
    );
    $said = [];
    foreach ($rows as [, $module, $knows]) {
        if ($module !== 'module') {
            $said[$module] = $knows === 'none' ? [] : explode(', ', $knows);
        }
    }
    $known = knownBy(app_path(), 'App');
    ksort($said);
    ksort($known);
    foreach (array_diff_key($known, array_flip(['Http', 'Console', 'Providers'])) as $module => $of) {
        expect([$module, $of])->toBe([$module, $said[$module] ?? []]);
    }
    expect(array_keys(array_diff_key($known, $said)))->toBe(['Console', 'Http', 'Providers']);
    expect(circles($known))->toBe([]);
    expect(count($known))->toBeGreaterThan(20);
    expect(circles(['A' => ['B'], 'B' => ['C'], 'C' => ['A'], 'D' => ['A'], 'E' => []]))->toBe(['A', 'B', 'C', 'D']);
    expect(circles(knownBy(app_path('Http/Pages'), 'App\\Http\\Pages')))->toBe([]);
    expect(circles(knownBy(app_path('Http/Requests'), 'App\\Http\\Requests')))->toBe([]);
});

it('runs chains and records them in one place', function (): void {
    expect(filesWith('/new Chain\(/'))->toBe(['app/Bridge/ChangeRunner']);
    expect(filesWith('/\bChainRecorder\b/'))->toBe(['app/Bridge/ChainRecorder', 'app/Bridge/ChangeRunner']);
    expect(filesWith('/\bChangeRunner\b/'))->toBe([
        'app/Absences/MoveCovered',
        'app/Absences/MoveCoveredCases',
        'app/Approvals/CarryOn',
        'app/Bridge/ChangeRunner',
        'app/Cases/EditCase',
        'app/Cases/OpenCase',
        'app/Clock/ReachMoment',
        'app/Customers/ChangeCustomer',
        'app/Intake/CaseOfArrival',
        'app/Intake/RouteTask',
        'app/Levelling/ApplyLevelling',
        'app/Runsheets/GoOn',
        'app/Runsheets/StepAct',
        'app/Sweeps/SweepOne',
        'app/Tasks/EditTask',
        'app/Tasks/PutBack',
        'app/Tasks/RetryTask',
    ]);
});

it('throws nothing of its own that is not foreseen, and refuses with words for each refusal', function (): void {
    $classes = static function (string $directory, string $namespace): array {
        $files = Finder::create()
            ->files()
            ->name('*.php')
            ->in($directory)
            ->contains('/^(final |abstract )?class \w+ extends \w*(Exception|Refused)\b/m');

        return array_map(
            static fn(SplFileInfo $file): string => $namespace .
                str_replace(['/', '.php'], ['\\', ''], substr((string) $file, strlen($directory))),
            array_values(iterator_to_array($files)),
        );
    };
    $thrown = [...$classes(app_path(), 'App'), ...$classes(base_path('core/src'), 'OpenBaton\\Core')];
    expect(count($thrown))->toBeGreaterThan(8);
    foreach ($thrown as $class) {
        expect([$class, is_a($class, Foreseen::class, true)])->toBe([$class, true]);
    }

    $code = implode(
        "\n",
        array_map(
            static fn(SplFileInfo $file): string => (string) file_get_contents((string) $file),
            array_values(iterator_to_array(Finder::create()->files()->in(app_path('Refusals')))),
        ),
    );
    preg_match_all("/'([a-z_]+\.[a-z_]+)'/", $code, $found);
    $refused = (array) Words::tree('en')['refused'];
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
    expect(filesWith('/new (Router|HouseAt)\(/'))->toBe(['app/Bridge/HouseAt', 'app/Bridge/Houses']);
    expect(filesWith('/snapshots->at\(/'))->toBe(['app/Bridge/Houses']);
});
