<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Tests\Support\Build;

/** @param array<string, mixed> $document */
function criteria(array $document): CompiledCriteria
{
    $fields = Build::fields();

    return CompiledCriteria::compile((new CriteriaFormat(Build::context()))->read(Node::root($document)), $fields);
}
