<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use InvalidArgumentException;
use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldCatalogue;

/** Somebody who stands in, for all work or for some of it only. */
final readonly class Substitute
{
    /**
     * @param Expression|null     $only   criteria of the work that they stand in for; null: all
     * @param FieldCatalogue|null $fields that the criteria are about
     */
    public function __construct(
        public string $personId,
        public ?Expression $only = null,
        private ?FieldCatalogue $fields = null,
    ) {
        if (($only === null) !== ($fields === null)) {
            throw new InvalidArgumentException('Criteria come with the fields that they are about.');
        }
    }

    /** @return list<self> who stand in for all work, in order */
    public static function forAll(string ...$personIds): array
    {
        return array_map(static fn(string $id): self => new self($id), array_values($personIds));
    }

    /** @param Facts|null $facts of the work; null: no certain work, for which those who are limited do not stand in */
    public function takes(?Facts $facts): bool
    {
        return $this->only === null ||
            $this->fields === null ||
            ($facts !== null && CompiledCriteria::compile($this->only, $this->fields)->holds($facts));
    }
}
