<?php

declare(strict_types=1);

namespace App\Access;

use Normalizer;

/** The one spelling of an e-mail address by which a sign-in is known. */
final class Address
{
    public static function spelled(string $address): string
    {
        $composed = Normalizer::normalize(trim($address), Normalizer::FORM_KC);

        return mb_strtolower(is_string($composed) ? $composed : trim($address));
    }
}
