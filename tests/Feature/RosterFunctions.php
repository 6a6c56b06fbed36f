<?php

declare(strict_types=1);

use Tests\Support\House;

/** The house of these tests. */
function beginRoster(): void
{
    House::open([
        [
            'id' => 'away',
            'person' => 'callum',
            'first' => '2026-03-02',
            'last' => '2026-03-06',
            'status' => 'approved',
            'substitutes' => ['femi', 'ayumi'],
        ],
    ]);
}
