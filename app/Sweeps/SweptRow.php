<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Models\Sweeps\SweptState;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Subject\Difference;
use OpenBaton\Core\Sweep\Swept;

/**
 * What came of a task in a sweep, or would come of it, as its row has it.
 *
 * @phpstan-type Row array{comes_to: string, difference: array<string, array{mixed, mixed}>, answered: list<string>,
 *     made: int, others: int}
 */
final class SweptRow
{
    /** @return Row */
    public static function of(Swept $swept, FieldCatalogue $fields): array
    {
        return [
            'comes_to' => $swept->state->value,
            'difference' => Difference::between($swept->before, $swept->after, $fields),
            'answered' => $swept->answered,
            'made' => $swept->made,
            'others' => $swept->others,
        ];
    }

    /**
     * For an insert of many.
     *
     * @param Row $row
     *
     * @return array<string, string|int>
     */
    public static function encoded(array $row): array
    {
        return [
            'state' => SweptState::Foreseen->value,
            'difference' => json_encode((object) $row['difference'], JSON_THROW_ON_ERROR),
            'answered' => json_encode($row['answered'], JSON_THROW_ON_ERROR),
        ] + $row;
    }

    /**
     * @param Row $row
     *
     * @return array<array-key, true> those from whom and to whom it goes, by slug
     */
    public static function people(array $row): array
    {
        $people = [];
        foreach (['holder', 'reviewer'] as $seat) {
            foreach (array_filter($row['difference'][$seat] ?? [], is_string(...)) as $slug) {
                $people[$slug] = true;
            }
        }

        return $people;
    }
}
