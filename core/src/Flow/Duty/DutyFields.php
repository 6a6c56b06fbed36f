<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

use OpenBaton\Core\Criteria\FieldType;

/** What texts of a duty can say of its date. */
final class DutyFields
{
    public const DATE = 'duty.date';

    public const PERIOD = 'duty.period';

    /** Which duty a task is of. */
    public const OF_TASK = 'task.duty';

    /** @var array<string, FieldType> by path */
    public const TYPES = [self::DATE => FieldType::Date, self::PERIOD => FieldType::Text];

    /** @return array<string, string> values by path */
    public static function values(Duty $duty, DutyDate $date): array
    {
        return [self::DATE => $date->date->format(), self::PERIOD => $duty->rhythm->period($date->key)];
    }
}
