<?php

declare(strict_types=1);

namespace App\Http;

use App\Words\Words;
use Illuminate\Validation\ValidationException;

/** That an input is not valid, found out elsewhere than by the rules of its request. */
final class Invalid
{
    /**
     * @param string     $input   its name, with dots
     * @param string     $pattern the sentence with its slots in braces
     * @param string|int ...$slots what stands in them, by name
     */
    public static function at(string $input, string $pattern, string|int ...$slots): ValidationException
    {
        return ValidationException::withMessages([$input => app(Words::class)->sentence($pattern, $slots)]);
    }
}
