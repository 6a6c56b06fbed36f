<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Rulebook\Method\Choice;
use OpenBaton\Core\Rulebook\Otherwise\Settlement;

/** What came of a rule that held: the narrowing of its pool and what the method, or the otherwise, made of it. */
final readonly class Attempt
{
    /**
     * @param list<Step>      $steps
     * @param Choice|null     $choice     null: nobody was eligible
     * @param Settlement|null $settlement the deliberate otherwise, where nobody was
     * @param Cover|null      $cover      where the pool names one person
     */
    public function __construct(
        public array $steps,
        public ?Choice $choice,
        public ?Settlement $settlement = null,
        public ?Cover $cover = null,
    ) {}

    public function decides(): bool
    {
        return $this->choice !== null || $this->settlement !== null;
    }
}
