<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\RuleContext;

/** Another part of a rule, as a pool is of a union. */
final readonly class PartOf implements ParameterType
{
    /** @param class-string<Part>|null $only what its kind must be; null: any kind of the family */
    public function __construct(public Family $family, private ?string $only = null) {}

    public static function control(): Control
    {
        return Control::Part;
    }

    public function read(Node $node, RuleContext $context): Part
    {
        $part = PartFormat::read($node, $this->family, $context);

        return $this->only === null || $part instanceof $this->only
            ? $part
            : throw $node
                ->get('kind')
                ->fail(
                    '"{kind}" is not one of: {known}.',
                    kind: $part::kind(),
                    known: implode(', ', $this->kinds($context->kinds)),
                );
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof Part ? PartFormat::write($value) : $value;
    }

    public function schema(): array
    {
        $schema = ['$ref' => '#/$defs/' . $this->family->value];

        return $this->only === null
            ? $schema
            : $schema + ['properties' => ['kind' => ['enum' => $this->kinds(KindRegistry::standard())]]];
    }

    public function bounds(): array
    {
        return ['family' => $this->family->value] +
            ($this->only === null ? [] : ['values' => $this->kinds(KindRegistry::standard())]);
    }

    /** @return list<string> */
    private function kinds(KindRegistry $registry): array
    {
        return array_map(
            strval(...),
            array_keys(
                array_filter(
                    $registry->of($this->family),
                    fn(string $class): bool => $this->only === null || is_a($class, $this->only, true),
                ),
            ),
        );
    }
}
