<?php

declare(strict_types=1);

use Tests\Support\House;

/** @return array<string, mixed> */
function propsOf(mixed $test, string $who, string $url): array
{
    return $test->actingAs(House::user($who))->get($url)->assertOk()->viewData('page')['props'];
}
