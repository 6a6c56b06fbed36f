<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

/** Who is asked in place of one named person, and how that came about. */
final readonly class Cover
{
    /**
     * @param string|null     $personId  null: no cover
     * @param list<CoverStep> $steps     everyone who was asked, in order; the first is the person named
     * @param bool            $circle    the substitutes led back to somebody already asked
     * @param bool            $byLead    nobody of the chain could; the lead of the first team stepped in
     * @param string|null     $absenceId of the person named, where they are away
     */
    public function __construct(
        public string $namedId,
        public ?string $personId,
        public array $steps,
        public bool $circle,
        public bool $byLead,
        public ?string $absenceId,
    ) {}

    public function isSubstitute(): bool
    {
        return $this->personId !== null && $this->personId !== $this->namedId;
    }

    /** What is kept with work that the substitute gets; null: they get it for themselves. */
    public function covering(): ?Covering
    {
        return $this->absenceId !== null && $this->isSubstitute()
            ? new Covering($this->namedId, $this->absenceId)
            : null;
    }
}
