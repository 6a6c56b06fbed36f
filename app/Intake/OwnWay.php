<?php

declare(strict_types=1);

namespace App\Intake;

use OpenBaton\Core\Rulebook\OwnGive;

/** What a task brings with it from what makes it, such as a duty or a step of a runsheet. */
final readonly class OwnWay
{
    /**
     * @param list<string> $items    of its checklist
     * @param OwnGive|null $give     to whom it is given; null: the rules say
     * @param string|null  $madeById of the task or case that it is made for
     * @param string|null  $reviewer by slug
     */
    public function __construct(
        public array $items = [],
        public ?OwnGive $give = null,
        public ?string $madeById = null,
        public ?string $reviewer = null,
    ) {}
}
