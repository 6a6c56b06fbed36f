<?php

declare(strict_types=1);

namespace App\Console;

use PhpToken;
use Symfony\Component\Finder\Finder;

/**
 * The sentences that say what is wrong with what was given. They stand where they are thrown, in English, with their
 * slots in braces; another language goes by the sentence.
 */
final class Sentences
{
    private const PLACES = ['core/src', 'app'];

    /** Schemas, and what speaks to whoever runs the machine. */
    private const NOT = ['Schema', 'Console', 'Logging', 'Notifications'];

    /** Text, and what joins it to more of it. */
    private const PARTS = [T_CONSTANT_ENCAPSED_STRING, '.'];

    /** @return list<string> each once, in order */
    public static function all(): array
    {
        $found = [];
        $files = Finder::create()
            ->files()
            ->name('*.php')
            ->notPath(self::NOT)
            ->in(array_map(static fn(string $place): string => dirname(__DIR__, 2) . "/{$place}", self::PLACES));
        foreach ($files as $file) {
            array_push($found, ...self::in($file->getContents()));
        }
        $found = array_values(array_unique($found));
        sort($found);

        return $found;
    }

    /** @return list<string> */
    public static function in(string $code): array
    {
        $tokens = array_values(
            array_filter(PhpToken::tokenize($code), static fn(PhpToken $one): bool => !$one->isIgnorable()),
        );
        $sentences = [];
        $text = '';
        foreach ($tokens as $token) {
            if ($token->is(T_CONSTANT_ENCAPSED_STRING)) {
                $text .= stripcslashes(substr($token->text, 1, -1));
            }
            if ($token->is(self::PARTS)) {
                continue;
            }
            if (preg_match('/^["“(A-Z{№].* .*[.!?]$/su', $text) === 1) {
                $sentences[] = $text;
            }
            $text = '';
        }

        return $sentences;
    }
}
