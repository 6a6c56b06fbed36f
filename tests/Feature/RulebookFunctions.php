<?php

declare(strict_types=1);

use Tests\Support\House;

/** @return array<string, mixed> quotes go to Tobias */
function quoteRule(): array
{
    return House::rule(
        'quotes',
        ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
        ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
    );
}
