<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Contracts\Translation\Loader;

/** What the framework says of input by its own rules: from the words files, as it writes slots itself (":max"). */
final class ValidationLines implements Loader
{
    /** Of the words as well as of the framework's lines. */
    private const GROUP = 'validation';

    /**
     * @param string      $locale
     * @param string      $group
     * @param string|null $namespace
     *
     * @return array<array-key, mixed>
     */
    public function load($locale, $group, $namespace = null): array
    {
        if ($group !== self::GROUP) {
            return [];
        }
        $lines = Words::tree((Locales::all()[$locale] ?? Locales::ofHouse())->words)[self::GROUP] ?? [];
        $lines = is_array($lines) ? $lines : [];
        array_walk_recursive($lines, static function (mixed &$line): void {
            $line = is_string($line) ? preg_replace('/\{(\w+)\}/', ':$1', $line) : $line;
        });

        return $lines;
    }

    /**
     * @param string $namespace
     * @param string $hint
     */
    public function addNamespace($namespace, $hint): void {}

    /** @param string $path */
    public function addJsonPath($path): void {}

    /** @return array<string, string> */
    public function namespaces(): array
    {
        return [];
    }
}
