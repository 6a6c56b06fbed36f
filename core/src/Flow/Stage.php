<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Flow\Gate\Gate;

/** A part of a track. */
final readonly class Stage
{
    /**
     * @param int|null   $target minutes of working time that a case should stand here at most; null: none is set
     * @param list<Gate> $leave  what must hold to leave it forwards
     * @param list<Gate> $enter  what must hold to enter it from before
     * @param bool       $retired no case comes here any more
     * @param Movers     $movers  who may move a case out of it
     * @param string|null $guide  id of how it is done
     */
    public function __construct(
        public string $key,
        public string $name,
        public ?int $target = null,
        public array $leave = [],
        public array $enter = [],
        public bool $retired = false,
        public Movers $movers = new Movers(),
        public ?string $guide = null,
    ) {}
}
