<?php

declare(strict_types=1);

namespace App\Console\Commands;

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/** The document that a command of the core alone is given. */
final class InputDocument
{
    /**
     * Ends the process where there is nothing to go on with: with 2 and why where it can't be read, with how the
     * command is used where that is asked for or nothing is named.
     *
     * @template T
     *
     * @param string            $path of a file; - for standard input
     * @param callable(Node): T $read what is made of it
     *
     * @return T
     */
    public static function readOrExit(string $path, string $usage, callable $read): mixed
    {
        if ($path === '' || in_array($path, ['-h', '--help'], true)) {
            fwrite(STDERR, $usage);
            exit($path === '' ? 2 : 0);
        }
        $json = InputFile::read($path);
        if ($json === null) {
            $why = is_dir(InputFile::full($path)) ? 'is a folder; name a file.' : "can't be read.";
            fwrite(STDERR, "{$path} {$why}\n");
            exit(2);
        }
        try {
            return $read(Node::parse($json));
        } catch (DocumentError $error) {
            fwrite(STDERR, "{$error->getMessage()}\n");
            exit(2);
        }
    }
}
