<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Subject\Sharing;

/** What a method came to, with the figures it went by. */
final readonly class Choice
{
    /**
     * @param string|null                                  $personId null: nobody yet, anyone eligible may claim it
     * @param array<string, array<string, int|string|null>> $figures  by person, in the order of the pool
     * @param Rotation|null                                    $rotation     the rotation after the turn
     * @param list<string> $passedOver people whose turn in it came before, had they been eligible
     * @param Sharing|null $sharing    with whom that person gets it together
     */
    public function __construct(
        public ?string $personId,
        public array $figures,
        public ?Rotation $rotation = null,
        public array $passedOver = [],
        public ?Sharing $sharing = null,
    ) {}
}
