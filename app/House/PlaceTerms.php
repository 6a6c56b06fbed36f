<?php

declare(strict_types=1);

namespace App\House;

use App\Models\People\Place;

/** What is said of a place; what is left out stays as it is. */
final readonly class PlaceTerms
{
    /**
     * @param array<string, string|null> $columns of the row, the level of a new one among them
     * @param Place|null                 $parent  what it lies in, where that is said
     */
    public function __construct(public array $columns, public ?Place $parent) {}

    /** Whether a place would be otherwise; nothing is saved. */
    public function change(Place $place): bool
    {
        return (clone $place)->fill($this->columns)->isDirty();
    }
}
