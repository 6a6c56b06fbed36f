<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;

/**
 * A part of a rule that comes in kinds (a pool, a method, a limit …) and is
 * written as an object with its "kind". A new kind is one class and one line
 * in PartList.
 */
interface Part
{
    public static function kind(): string;

    /** @throws DocumentError */
    public static function read(Node $node): static;

    /** @return array<string, mixed> with its "kind" */
    public function write(): array;

    /**
     * What is wrong with it in this house.
     *
     * @return list<Fault>
     */
    public function faults(Roster $roster, FieldCatalogue $catalogue, string $pointer): array;
}
