<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;

/** Holds what pages get against the TypeScript types that they say it has. */
final class PropTypes
{
    private const PATIENCE = 60.0;

    private static ?Process $compiler = null;

    private static ?InputStream $input = null;

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
        $folder = base_path('.data/props');
        is_dir($folder) || mkdir($folder, 0o777, true);
        $file = "{$folder}/{$name}-" . getmypid() . '.ts';
        file_put_contents($file, implode("\n", [...$lines, ...$more]) . "\n");
        try {
            return self::ask($file);
        } finally {
            unlink($file);
        }
    }

    /** The compiler is started once: what it reads of the project stays the same. */
    private static function ask(string $file): string
    {
        if (self::$compiler?->isRunning() !== true) {
            self::$input = new InputStream();
            self::$compiler = new Process(['node', 'tests/Support/types.mjs'], base_path(), null, self::$input, null);
            self::$compiler->start();
            register_shutdown_function(self::$input->close(...));
        }
        $compiler = self::$compiler;
        self::$input?->write("{$file}\n");
        $said = '';
        for ($end = microtime(true) + self::PATIENCE; !str_ends_with($said, "\n"); usleep(2_000)) {
            if (!$compiler->isRunning() || microtime(true) > $end) {
                throw new RuntimeException("The compiler has not answered. {$compiler->getErrorOutput()}");
            }
            $said .= $compiler->getIncrementalOutput();
        }

        return (string) json_decode($said, false, 2, JSON_THROW_ON_ERROR);
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
