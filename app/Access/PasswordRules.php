<?php

declare(strict_types=1);

namespace App\Access;

use App\Words\Words;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use OpenBaton\Core\Refusal;

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
        $wrong = is_string($value) ? $this->wrong($value) : new Refusal('Choose a password.');
        if ($wrong !== null) {
            $fail(app(Words::class)->refusal($wrong));
        }
    }

    private function wrong(string $password): ?Refusal
    {
        return match (true) {
            mb_strlen($password) < self::SHORTEST => new Refusal(
                'A password has at least {least} characters; a few words that you remember do well.',
                least: self::SHORTEST,
            ),
            strlen($password) > self::LONGEST => new Refusal(
                'A password has at most {most} bytes.',
                most: self::LONGEST,
            ),
            count(array_unique(mb_str_split($password))) < self::DIFFERENT => new Refusal(
                'Use at least {least} different characters.',
                least: self::DIFFERENT,
            ),
            $this->tells(mb_strtolower($password)) => new Refusal('Use something else than your name or address.'),
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
