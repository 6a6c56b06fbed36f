<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;

/** The person whom a field of the subject names. */
final readonly class PersonInField implements Pool
{
    public function __construct(public string $path) {}

    public static function kind(): string
    {
        return 'field';
    }

    public static function read(Node $node): static
    {
        return new self($node->get('field')->text());
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'field' => $this->path];
    }

    public function faults(Roster $roster, FieldCatalogue $catalogue, string $pointer): array
    {
        return $catalogue->find($this->path)?->type === FieldType::Person
            ? []
            : [new Fault("{$pointer}/field", "\"{$this->path}\" is not a field that holds a person.")];
    }

    public function seats(Roster $roster, Facts $facts): array
    {
        $id = $facts->text($this->path);

        return $id !== null && isset($roster->people[$id]) ? [new Membership($id)] : [];
    }

    public function namesOne(): bool
    {
        return true;
    }
}
