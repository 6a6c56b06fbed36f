<?php

declare(strict_types=1);

namespace App\Bridge;

/** A kind of task as decisions and documents see it. */
final readonly class KnownKind
{
    /** @param int $usualMinutes the effort that it usually takes */
    public function __construct(public string $id, public string $slug, public string $name, public int $usualMinutes) {}
}
