<?php

declare(strict_types=1);

namespace App\Console\Commands;

/** A file that a command reads: relative to the folder in which the person stands. */
final class InputFile
{
    /** @return string|null null: it is no file, or can't be read */
    public static function read(string $path): ?string
    {
        if ($path === '-') {
            $content = stream_get_contents(STDIN);

            return $content === false ? null : $content;
        }
        $full = self::full($path);
        $content = is_dir($full) ? false : @file_get_contents($full);

        return $content === false ? null : $content;
    }

    public static function full(string $path): string
    {
        $from = getenv('BATON_FROM');

        return str_starts_with($path, '/') || $from === false ? $path : "{$from}/{$path}";
    }
}
