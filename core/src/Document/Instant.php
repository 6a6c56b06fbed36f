<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

/** Instants as documents have them: RFC 3339, in UTC, to the second. Node::instant() reads them. */
final class Instant
{
    public static function format(int $instant): string
    {
        return gmdate('Y-m-d\TH:i:s\Z', $instant);
    }

    public static function orNull(?int $instant): ?string
    {
        return $instant === null ? null : self::format($instant);
    }
}
