<?php

declare(strict_types=1);

namespace App\Roster;

/** What is said of a person in the roster, and in which teams they are. */
final readonly class PersonTerms
{
    /**
     * @param array<string, mixed>    $document as in a roster document, without the id
     * @param array<array-key, int>   $teams    weight of their turns by team
     */
    public function __construct(public array $document, public array $teams) {}
}
