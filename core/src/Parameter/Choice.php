<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use BackedEnum;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;

/** One of the cases of an enum of the core, or of some of them. */
final readonly class Choice implements ParameterType
{
    /**
     * @param class-string<BackedEnum> $enum
     * @param list<BackedEnum>|null    $of   null: all of them
     */
    public function __construct(private string $enum, private ?array $of = null) {}

    public static function control(): Control
    {
        return Control::Choice;
    }

    public function read(Node $node, RuleContext $context): BackedEnum
    {
        $case = $node->case($this->enum);

        return $this->of === null || in_array($case, $this->of, true)
            ? $case
            : throw $node->fail(
                '"{given}" is not one of: {known}.',
                given: (string) $case->value,
                known: implode(', ', $this->values()),
            );
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
        return array_column($this->of ?? $this->enum::cases(), 'value');
    }
}
