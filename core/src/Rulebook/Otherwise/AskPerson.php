<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Roster;

/** One named person, or their substitute; unplaced where there is no cover. */
final readonly class AskPerson implements Otherwise
{
    public function __construct(public string $personId) {}

    public static function kind(): string
    {
        return 'person';
    }

    public static function read(Node $node): static
    {
        return new self($node->get('person')->text());
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'person' => $this->personId];
    }

    public function faults(Roster $roster, FieldCatalogue $catalogue, string $pointer): array
    {
        return isset($roster->people[$this->personId]) ? [] : [new Fault("{$pointer}/person", "There is no person \"{$this->personId}\".")];
    }

    public function settle(Roster $roster, int $at): Settlement
    {
        $cover = (new SubstituteFinder($roster))->find($this->personId, $at);

        return new Settlement($cover->personId, [], $cover);
    }
}
