<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use BackedEnum;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;

/** One of the cases of an enum of the core. */
final readonly class Choice implements ParameterType
{
    /** @param class-string<BackedEnum> $enum */
    public function __construct(private string $enum) {}

    public static function control(): Control
    {
        return Control::Choice;
    }

    public function read(Node $node, RuleContext $context): BackedEnum
    {
        return $node->case($this->enum);
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof BackedEnum ? $value->value : $value;
    }

    public function schema(): array
    {
        return ['enum' => $this->values()];
    }

    public function bounds(): array
    {
        return ['values' => $this->values()];
    }

    /** @return list<int|string> */
    private function values(): array
    {
        return array_column($this->enum::cases(), 'value');
    }
}
