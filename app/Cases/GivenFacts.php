<?php

declare(strict_types=1);

namespace App\Cases;

use App\Bridge\Snapshot;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Parameter\Assignment;

/** Values of the fields of the house, as somebody gives them for a case. */
final class GivenFacts
{
    /**
     * @return array<string, string|int|float|bool|list<string>|null> by path; null empties one
     *
     * @throws DocumentError
     */
    public static function read(?Node $node, Snapshot $house): array
    {
        $values = [];
        foreach ($node?->members() ?? [] as [$path, $value]) {
            $field = $house->catalogue->find($path);
            if ($field === null || !Assignment::isSettableOfCase($path)) {
                throw $value->fail('"{path}" is not a field whose value can be set.', path: $path);
            }
            $values[$path] = $value->value === null ? null : ValueCodec::read($value, $field, $house->roster);
        }

        return $values;
    }
}
