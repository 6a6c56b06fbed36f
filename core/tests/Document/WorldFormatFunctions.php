<?php

declare(strict_types=1);

/** @return array<string, mixed> */
function example(): array
{
    return json_decode(
        (string) file_get_contents(__DIR__ . '/../../../docs/examples/brass-repair.world.json'),
        true,
        64,
        JSON_THROW_ON_ERROR,
    );
}
