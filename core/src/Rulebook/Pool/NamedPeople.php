<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;

final readonly class NamedPeople implements Pool
{
    /** @param list<string> $personIds */
    public function __construct(public array $personIds) {}

    public static function kind(): string
    {
        return 'people';
    }

    public static function read(Node $node): static
    {
        $ids = $node->get('people')->texts();

        return new self($ids === [] ? throw $node->get('people')->fail('Name at least one person.') : array_values(array_unique($ids)));
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'people' => $this->personIds];
    }

    public function faults(Roster $roster, FieldCatalogue $catalogue, string $pointer): array
    {
        $faults = [];
        foreach ($this->personIds as $index => $id) {
            if (! isset($roster->people[$id])) {
                $faults[] = new Fault("{$pointer}/people/{$index}", "There is no person \"{$id}\".");
            }
        }

        return $faults;
    }

    public function seats(Roster $roster, Facts $facts): array
    {
        $seats = [];
        foreach ($this->personIds as $id) {
            if (isset($roster->people[$id])) {
                $seats[] = new Membership($id);
            }
        }

        return $seats;
    }

    public function namesOne(): bool
    {
        return count($this->personIds) === 1;
    }
}
