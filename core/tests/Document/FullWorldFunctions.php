<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Tests\Support\FullWorld;
use OpenBaton\Core\World\World;

function fullWorld(): World
{
    return WorldFormat::read(Node::root(FullWorld::document()));
}

/** @return list<array<string, mixed>> as whoever reads the document sees them */
function decisionsOf(World $world): array
{
    return json_decode(
        (string) json_encode(array_map(DecisionFormat::write(...), iterator_to_array($world->decisions()))),
        true,
    );
}
