<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\RuleContext;

/** The id of something in the roster. */
abstract readonly class Reference implements ParameterType
{
    use PlainValue;

    /** @return array<array-key, mixed>|null what there is, by id; null where no roster is known */
    abstract protected function known(RuleContext $context): ?array;

    /** @return string what is said of an id that is not there, with the slot "id" */
    abstract protected function missing(): string;

    public function read(Node $node, RuleContext $context): string
    {
        $id = $node->line(TextLimits::ID);
        $known = $this->known($context);

        return $known === null || isset($known[$id]) ? $id : throw $node->fail($this->missing(), id: $id);
    }

    public function schema(): array
    {
        return TextLimits::schema(TextLimits::ID);
    }

    public function bounds(): array
    {
        return [];
    }
}
