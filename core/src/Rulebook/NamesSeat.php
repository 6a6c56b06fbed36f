<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** A part that is about whoever is in a seat of its subject, besides the main one, which each has. */
interface NamesSeat extends Part
{
    /** @return SeatName|null null: it is about none */
    public function seat(): ?SeatName;
}
