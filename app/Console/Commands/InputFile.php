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
        $from = getenv('BATON_FROM');
        $full = str_starts_with($path, '/') || $from === false ? $path : "{$from}/{$path}";
        $content = is_file($full) ? @file_get_contents($full) : false;

        return $content === false ? null : $content;
    }
}
