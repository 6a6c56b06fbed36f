<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Words;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A whole number within bounds, however it is written: what is beyond the numbers of this machine is out of bounds, not
 * an error.
 */
final readonly class Whole implements ValidationRule
{
    public const MOST = 2_147_483_647;

    public function __construct(private int $least, private int $most = self::MOST) {}

    /** @param Closure(string): mixed $fail */
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $number = is_int($value) ? $value : (is_string($value) ? filter_var(trim($value), FILTER_VALIDATE_INT) : false);
        if ($number === false || $number < $this->least || $number > $this->most) {
            $fail(
                app(Words::class)->sentence('Give a whole number from {least} to {most}.', [
                    'least' => $this->least,
                    'most' => $this->most,
                ]),
            );
        }
    }
}
