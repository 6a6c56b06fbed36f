<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\People\Person;

/** A person as they are named anywhere. Its type is PersonRef.ts. */
final class PersonRef
{
    /** @return array{slug: string, name: string} */
    public static function of(Person $person): array
    {
        return ['slug' => $person->slug, 'name' => $person->name];
    }

    /** @return array{slug: string, name: string}|null */
    public static function orNull(?Person $person): ?array
    {
        return $person === null ? null : self::of($person);
    }
}
