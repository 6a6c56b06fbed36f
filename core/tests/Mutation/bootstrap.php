<?php

declare(strict_types=1);

// Loads one class of the core from a mutated file, all else as always. MUTANT is "class=file", or is not set.

require __DIR__ . '/../../../vendor/autoload.php';

[$class, $file] = explode('=', getenv('MUTANT') ?: '=', 2);
spl_autoload_register(
    static function (string $asked) use ($class, $file): void {
        if ($asked === $class) {
            require $file;
        }
    },
    true,
    true,
);
