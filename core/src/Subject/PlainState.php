<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Text\FollowingTexts;
use UnitEnum;

/** The state of a subject in values that are the same where they are equal. */
final class PlainState
{
    /** @return array<array-key, mixed> by property */
    public static function of(Subject $subject): array
    {
        $fields = $subject->fields;
        ksort($fields);

        return array_map(self::plain(...), ['fields' => $fields] + get_object_vars($subject));
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map(self::plain(...), $value),
            $value instanceof UnitEnum, !is_object($value) => $value,
            $value instanceof Follow => [$value->path, $value->offset->format(), $value->time?->format()],
            $value instanceof FollowingTexts => $value->write(),
            default => array_map(self::plain(...), get_object_vars($value)),
        };
    }
}
