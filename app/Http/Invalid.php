<?php

declare(strict_types=1);

namespace App\Http;

use App\Words\Words;
use Illuminate\Validation\ValidationException;
use OpenBaton\Core\Document\DocumentError;

/** That an input is not valid, found out elsewhere than by the rules of its request. */
final class Invalid
{
    /**
     * Faults of a document that was made of the inputs of a form, each at its own.
     *
     * @param string $whole the input at which it is told what is wrong with the whole
     */
    public static function of(DocumentError $error, string $whole): ValidationException
    {
        $messages = [];
        foreach ($error->faults as $fault) {
            $messages[$fault->missing ?? ($fault->pointer === '' ? $whole : ltrim($fault->pointer, '/'))] = app(
                Words::class,
            )->fault($fault);
        }

        return ValidationException::withMessages($messages);
    }

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
