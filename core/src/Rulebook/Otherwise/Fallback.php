<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\People\Roster;

/** What a deliberate "otherwise" comes to. */
final readonly class Fallback
{
    /**
     * @param string|null  $personId null: nobody
     * @param list<string> $openTo   people who may claim the task
     * @param bool         $waits    where there is neither, the task is taken from whoever has it
     */
    public function __construct(
        public ?string $personId = null,
        public array $openTo = [],
        public ?Cover $cover = null,
        public bool $waits = false,
    ) {}

    /**
     * To one person, or their substitute; to nobody where there is no cover.
     *
     * @param list<string> $otherSeatIds who is in the other seat of the task
     */
    public static function to(string $personId, Roster $roster, Facts $facts, int $at, array $otherSeatIds): self
    {
        $cover = (new SubstituteFinder($roster))->find($personId, $at, $facts, $otherSeatIds);

        return new self($cover->personId, [], $cover);
    }
}
