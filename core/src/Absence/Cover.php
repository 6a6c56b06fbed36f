<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

/** Who is asked in place of one named person, and how that came about. */
final readonly class Cover
{
    /**
     * @param string|null     $personId null: no cover
     * @param list<CoverStep> $steps    everyone who was asked, in order; the first is the person named
     * @param bool            $circle   the substitutes led back to somebody already asked
     * @param bool            $byLead   nobody of the chain could; the lead of the first team stepped in
     */
    public function __construct(
        public string $namedId,
        public ?string $personId,
        public array $steps,
        public bool $circle = false,
        public bool $byLead = false,
    ) {}

    public function isSubstitute(): bool
    {
        return $this->personId !== null && $this->personId !== $this->namedId;
    }
}
