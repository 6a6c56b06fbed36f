<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\People\Person;

/** References of a document to what the document itself lists. */
final class Known
{
    /**
     * @param array<array-key, Person> $people by id
     *
     * @throws DocumentError where there is no such person
     */
    public static function person(Node $node, array $people): string
    {
        return isset($people[$node->text()])
            ? $node->text()
            : throw $node->fail('There is no person "{given}".', given: $node->text());
    }
}
