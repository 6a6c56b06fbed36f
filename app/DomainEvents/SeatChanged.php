<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\SeatName;

/** Another person holds a task, or reviews it. */
final readonly class SeatChanged implements DomainEvent
{
    /**
     * @param string|null $forId of the person in whose place the new one is
     * @param string|null $rule  name of the rule that did it; null: it was done by hand
     * @param string|null $leftToId who has it after it, where nobody has come to it
     */
    public function __construct(
        public SeatName $seat,
        public ?string $fromId,
        public ?string $toId,
        public ?string $forId = null,
        public ?string $rule = null,
        public ?string $leftToId = null,
    ) {}

    public static function code(): string
    {
        return 'seat_changed';
    }

    public static function read(Node $node): self
    {
        return new self(
            SeatName::from($node->get('seat')->text()),
            $node->find('from')?->text(),
            $node->find('to')?->text(),
            $node->find('for')?->text(),
            $node->find('rule')?->text(),
            $node->find('left_to')?->text(),
        );
    }

    public function write(): array
    {
        return array_filter(
            [
                'seat' => $this->seat->value,
                'from' => $this->fromId,
                'to' => $this->toId,
                'for' => $this->forId,
                'rule' => $this->rule,
                'left_to' => $this->leftToId,
            ],
            is_string(...),
        );
    }
}
