<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use BackedEnum;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\Pressed;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Rulebook\FieldChange;
use OpenBaton\Core\Rulebook\FieldChangeHow;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\Author;

/** Which events of rules happen whenever others do. */
final class EventCover
{
    /** Those that happen for one rule alone. */
    private const OWN = [DateReached::class, Schedule::class, Pressed::class];

    public static function isOwn(EventKind $event): bool
    {
        return in_array($event::class, self::OWN, true);
    }

    /** Whether a rule waits for whatever raises the event. */
    public static function by(Rule $rule, EventKind $event): bool
    {
        foreach ($rule->events as $one) {
            if (!self::isOwn($event) && $one::class === $event::class && self::covers($one, $event)) {
                return true;
            }
        }

        return false;
    }

    /** Whether two rules wait for something that raises both. */
    public static function inCommon(Rule $one, Rule $other): bool
    {
        foreach ($one->events as $event) {
            if (self::by($other, $event)) {
                return true;
            }
        }
        foreach ($other->events as $event) {
            if (self::by($one, $event)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Both of one class. Where a parameter says nothing anything will do, and of a list any of it.
     */
    private static function covers(EventKind $wide, EventKind $narrow): bool
    {
        foreach ($wide::parameters() as $parameter) {
            $one = $wide->{$parameter->property()};
            $other = $narrow->{$parameter->property()};
            $covers = match (true) {
                $one === null, $one === Author::Anyone => true,
                is_array($one) => is_array($other) &&
                    array_udiff(
                        $other,
                        $one,
                        static fn(mixed $a, mixed $b): int => self::sign($a) <=> self::sign($b),
                    ) === [],
                $one instanceof FieldChange => $other instanceof FieldChange && self::coversChange($one, $other),
                default => serialize($one) === serialize($other),
            };
            if (!$covers) {
                return false;
            }
        }

        return true;
    }

    private static function coversChange(FieldChange $wide, FieldChange $narrow): bool
    {
        return $wide->field->path === $narrow->field->path &&
            match ($wide->how) {
                FieldChangeHow::Any => true,
                FieldChangeHow::Values => $narrow->how === FieldChangeHow::Values &&
                    ($wide->from === null || $wide->from === $narrow->from) &&
                    ($wide->to === null || $wide->to === $narrow->to),
                default => $wide->how === $narrow->how,
            };
    }

    private static function sign(mixed $value): string
    {
        return $value instanceof BackedEnum
            ? (string) $value->value
            : mb_strtolower(trim(is_scalar($value) ? (string) $value : serialize($value)));
    }
}
