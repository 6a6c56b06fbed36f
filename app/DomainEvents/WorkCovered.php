<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Absence\CoverMoveKind;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\SeatName;

/** A task has passed to a substitute, or back, because somebody goes or returns. */
final readonly class WorkCovered implements DomainEvent
{
    /** @param string $forId of the person who is, or was, away */
    public function __construct(
        public CoverMoveKind $kind,
        public SeatName $seat,
        public ?string $fromId,
        public ?string $toId,
        public string $forId,
    ) {}

    public static function code(): string
    {
        return 'work_covered';
    }

    public static function read(Node $node): self
    {
        return new self(
            CoverMoveKind::from($node->get('move')->text()),
            SeatName::from($node->get('seat')->text()),
            $node->find('from')?->text(),
            $node->find('to')?->text(),
            $node->get('for')->text(),
        );
    }

    public function write(): array
    {
        return array_filter(
            [
                'move' => $this->kind->value,
                'seat' => $this->seat->value,
                'from' => $this->fromId,
                'to' => $this->toId,
                'for' => $this->forId,
            ],
            is_string(...),
        );
    }
}
