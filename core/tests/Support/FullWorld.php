<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

/** A world document with every member that a world may have. */
final class FullWorld
{
    /** @return array<string, mixed> */
    public static function document(): array
    {
        $file = (string) file_get_contents(__DIR__ . '/full-world.json');

        return json_decode($file, true, 64, JSON_THROW_ON_ERROR);
    }

    /**
     * The same with the ids of people, teams, skills, tasks, rules and events made of digits.
     *
     * @return array{array<string, mixed>, array<string, string>} document, and the id that each stands for
     */
    public static function ofDigits(): array
    {
        $ids = [];
        foreach (
            [
                'ayumi',
                'femi',
                'callum',
                'tobias',
                'oona',
                'greta',
                'hanneke',
                'mirela',
                'nadia',
                'workshop',
                'brass-bench',
                'reed-bench',
                'brass-skill',
                'reeds-skill',
            ]
            as $place => $id
        ) {
            $ids[$id] = (string) ($place + 101);
        }
        foreach (range(1, 10) as $number) {
            $ids["e{$number}"] = (string) (200 + $number);
            $ids["T{$number}"] = '00' . $number;
        }

        return [self::renamed(self::document(), $ids), array_flip($ids)];
    }

    /**
     * @param array<array-key, mixed> $values
     * @param array<array-key, string>   $ids
     *
     * @return array<array-key, mixed> values and keys that are ids, under their new ones
     */
    public static function renamed(array $values, array $ids): array
    {
        $renamed = [];
        foreach ($values as $key => $value) {
            $renamed[$ids[$key] ?? $key] = match (true) {
                is_array($value) => self::renamed($value, $ids),
                is_string($value) => $ids[$value] ?? $value,
                default => $value,
            };
        }

        return $renamed;
    }
}
