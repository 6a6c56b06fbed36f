<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\Criteria\Expression;

/** Who answers in somebody's place for some work, or for the rest. */
final readonly class Answer
{
    /**
     * @param Expression|null $only     criteria of that work; null: all that is not spoken of before
     * @param string|null     $personId null: nobody
     */
    public function __construct(public ?Expression $only, public ?string $personId) {}
}
