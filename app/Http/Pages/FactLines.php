<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Explain\HouseWords;

/** What is kept in the fields of the house of a task or a case, in words. */
final class FactLines
{
    /**
     * @param array<array-key, mixed> $facts values by path, as rows have them
     *
     * @return list<array{label: string, value: string}>
     */
    public static function of(array $facts, HouseWords $words): array
    {
        $lines = [];
        foreach ($facts as $path => $value) {
            $lines[] = ['label' => $words->field((string) $path), 'value' => $words->value((string) $path, $value)];
        }

        return $lines;
    }
}
