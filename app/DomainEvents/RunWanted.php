<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** A rule starts a runsheet on something. */
final readonly class RunWanted implements DomainEvent
{
    /**
     * @param string      $runsheet slug
     * @param string|null $rule     id
     */
    public function __construct(public string $runsheet, public ?string $rule) {}

    public static function code(): string
    {
        return 'run_wanted';
    }

    public static function read(Node $node): self
    {
        return new self($node->get('runsheet')->text(), $node->find('rule')?->text());
    }

    public function write(): array
    {
        return ['runsheet' => $this->runsheet, 'rule' => $this->rule];
    }
}
