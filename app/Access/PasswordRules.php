<?php

declare(strict_types=1);

namespace App\Access;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * What a password has to be like: long, of several different characters, and not made of what everybody knows of its
 * owner.
 */
final readonly class PasswordRules implements ValidationRule
{
    private const SHORTEST = 12;

    /** Bytes; what comes after is not looked at by bcrypt. */
    private const LONGEST = 72;

    private const DIFFERENT = 5;

    /** Letters in a row of a name or address that are too many of it. */
    private const TELLING = 4;

    /** @param list<string> $known names and addresses of its owner */
    public function __construct(private array $known) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $wrong = is_string($value) ? $this->wrong($value) : 'Choose a password.';
        if ($wrong !== null) {
            $fail($wrong);
        }
    }

    private function wrong(string $password): ?string
    {
        return match (true) {
            mb_strlen($password) < self::SHORTEST => 'A password has at least ' .
                self::SHORTEST .
                ' characters; a few words that you remember do well.',
            strlen($password) > self::LONGEST => 'A password has at most ' . self::LONGEST . ' bytes.',
            count(array_unique(mb_str_split($password))) < self::DIFFERENT => 'Use at least ' .
                self::DIFFERENT .
                ' different characters.',
            $this->tells(mb_strtolower($password)) => 'Use something else than your name or address.',
            default => null,
        };
    }

    private function tells(string $password): bool
    {
        foreach ($this->known as $text) {
            preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($text), $words);
            foreach ($words[0] as $word) {
                if (mb_strlen($word) >= self::TELLING && str_contains($password, $word)) {
                    return true;
                }
            }
        }

        return false;
    }
}
