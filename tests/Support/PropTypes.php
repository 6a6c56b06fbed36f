<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\Process;
use RuntimeException;
use Symfony\Component\Finder\Finder;

/** Holds what pages get against the TypeScript types that they say it has. */
final class PropTypes
{
    /**
     * @param list<array{string, string, mixed}> $checks file of the type, its name, the value
     * @param list<string>                       $more   lines besides
     *
     * @return string what the compiler has against it; empty: nothing
     */
    public static function check(string $name, array $checks, array $more = []): string
    {
        $lines = [];
        foreach ($checks as $number => [$file, $type, $props]) {
            if (is_array($props) && str_ends_with($type, 'PageProps')) {
                unset($props['viewer'], $props['stamp'], $props['notice'], $props['errors'], $props['status']);
            }
            $lines[] = "import type { {$type} as Type{$number} } from '@props/" . self::path($file) . "';";
            $lines[] = "export const props{$number}: Type{$number} = " . json_encode($props, JSON_THROW_ON_ERROR) . ';';
        }
        $folder = base_path(".data/props/{$name}");
        is_dir($folder) || mkdir($folder, 0o777, true);
        file_put_contents("{$folder}/check.ts", implode("\n", [...$lines, ...$more]) . "\n");
        file_put_contents(
            "{$folder}/tsconfig.json",
            (string) json_encode(['extends' => '../../../tsconfig.json', 'include' => ['check.ts']]),
        );
        $result = Process::path(base_path())->run([
            'node_modules/.bin/tsc',
            '--noEmit',
            '-p',
            "{$folder}/tsconfig.json",
        ]);

        return $result->output() . ($result->exitCode() === 0 ? '' : ' (failed)');
    }

    /** Below app/Http/Pages; whatever module it belongs to. */
    private static function path(string $file): string
    {
        foreach (
            Finder::create()
                ->files()
                ->name("{$file}.ts")
                ->in(app_path('Http/Pages'))
            as $found
        ) {
            return substr($found->getRelativePathname(), 0, -3);
        }
        throw new RuntimeException("There is no {$file}.ts.");
    }
}
