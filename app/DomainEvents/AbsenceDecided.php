<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** An absence that somebody has asked for was approved or declined. */
final readonly class AbsenceDecided implements DomainEvent
{
    /** @param string|null $word of whoever decided */
    public function __construct(
        public string $absenceId,
        public string $personId,
        public bool $approved,
        public ?string $word,
    ) {}

    public static function code(): string
    {
        return 'absence_decided';
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->get('absence')->text(),
            $node->get('person')->text(),
            $node->get('approved')->bool(),
            $node->find('word')?->text(),
        );
    }

    public function write(): array
    {
        return ['absence' => $this->absenceId, 'person' => $this->personId, 'approved' => $this->approved] +
            ($this->word === null ? [] : ['word' => $this->word]);
    }
}
