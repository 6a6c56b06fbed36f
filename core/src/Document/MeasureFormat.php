<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\Workload\LoadMeasure;

/** In what a house measures load, and what somebody can do of it, as a roster document says it. */
final class MeasureFormat
{
    /** Of working time that goes to tasks, where nothing is said. */
    private const PERCENT = 80;

    /** @param Node|null $node null: in minutes */
    public static function measure(?Node $node, FieldCatalogue $fields): LoadMeasure
    {
        if ($node === null) {
            return LoadMeasure::minutes();
        }
        $node->only(['field', 'a_day', 'where_empty']);
        $aDay = LoadMeasure::parts($node->get('a_day')->number());
        $path = $node->find('field')?->text();
        if ($path === null) {
            return $node->get('a_day')->refuse(static fn(): LoadMeasure => LoadMeasure::tasks($aDay));
        }
        if (($fields->fields[$path] ?? null)?->type !== FieldType::Number || !str_starts_with($path, 'task.')) {
            throw $node->get('field')->fail('There is no number field "{path}" of tasks.', path: $path);
        }
        $whereEmpty = LoadMeasure::parts($node->find('where_empty')?->number() ?? 1);

        return $node->get('a_day')->refuse(static fn(): LoadMeasure => LoadMeasure::field($path, $aDay, $whereEmpty));
    }

    /** @param Node|null $node of a person */
    public static function capacity(?Node $node, LoadMeasure $measure): Capacity
    {
        if ($node === null) {
            return self::fitting(Capacity::percent(self::PERCENT), null, $measure);
        }
        $node->only(['percent', 'minutes_a_day', 'amount_a_day']);
        $amount = $node->find('amount_a_day');
        $said = count(array_filter(['percent', 'minutes_a_day'], $node->has(...)));
        if ($said === 2 || ($said === 0 && $amount === null)) {
            throw $node->fail('Give either "percent" or "minutes_a_day".');
        }
        $time = $node->refuse(
            static fn(): Capacity => $node->has('minutes_a_day')
                ? Capacity::minutesADay($node->get('minutes_a_day')->int())
                : Capacity::percent($node->find('percent')?->int() ?? self::PERCENT),
        );

        return self::fitting(
            $time,
            $amount?->refuse(static fn(): int => LoadMeasure::within(LoadMeasure::parts($amount->number()))),
            $measure,
        );
    }

    /** @param int|null $amount parts; null: as in the house */
    private static function fitting(Capacity $time, ?int $amount, LoadMeasure $measure): Capacity
    {
        return $measure->aDay === null ? $time : Capacity::amountADay($amount ?? $measure->aDay, $measure);
    }
}
