<?php

declare(strict_types=1);

namespace OpenBaton\Core;

/** Fills the named slots of a message. */
final class Slots
{
    /** @param array<array-key, string|int> $slots by name */
    public static function fill(string $message, array $slots): string
    {
        $values = [];
        foreach ($slots as $name => $value) {
            $values['{' . $name . '}'] = (string) $value;
        }

        return $values === [] ? $message : strtr($message, $values);
    }
}
