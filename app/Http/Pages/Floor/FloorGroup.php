<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use OpenBaton\Core\People\Person;

/** People whose lanes stand together. */
final readonly class FloorGroup
{
    /**
     * @param string       $slug   of the team, skill or place; '': those in none
     * @param list<Person> $people
     * @param string|null  $above  name of the team above
     * @param string|null  $lead   slug
     */
    public function __construct(
        public string $slug,
        public string $name,
        public array $people,
        public ?string $above = null,
        public ?string $lead = null,
    ) {}

    /** @param list<Person> $people */
    public function with(array $people): self
    {
        return new self($this->slug, $this->name, $people, $this->above, $this->lead);
    }
}
