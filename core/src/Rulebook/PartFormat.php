<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;

/** Reads and writes parts of rules by what their kinds declare of themselves. */
final class PartFormat
{
    /** @throws DocumentError with all that is wrong with it */
    public static function read(Node $node, Family $family, RuleContext $context): Part
    {
        $class = self::known($node->get('kind'), $family, $context);
        $faults = new Faults();
        $names = ['kind'];
        $values = [];
        foreach ($class::parameters() as $parameter) {
            $names[] = $parameter->name;
            $values[] = $faults->collect(static function () use ($node, $parameter, $context): mixed {
                $given = $parameter->required ? $node->get($parameter->name) : $node->find($parameter->name);

                return $given === null ? $parameter->default : $parameter->type->read($given, $context);
            });
        }
        $faults->add(...$node->strangers($names));
        $faults->throwIfAny();

        return $node->refuse(static fn(): Part => new $class(...$values));
    }

    /**
     * @param Node $code of a kind
     *
     * @return class-string<Part>
     */
    public static function known(Node $code, Family $family, RuleContext $context): string
    {
        $kind = $code->line(60);
        $kinds = $context->kinds->of($family);

        return $kinds[$kind] ??
            throw $code->fail(
                '"{kind}" is not one of: {known}.',
                kind: $kind,
                known: implode(', ', array_keys($kinds)),
            );
    }

    /** @return array<string, mixed> with its "kind" */
    public static function write(Part $part): array
    {
        $document = ['kind' => $part::kind()];
        foreach ($part::parameters() as $parameter) {
            $value = $part->{$parameter->property()};
            if ($value !== null) {
                $document[$parameter->name] = $parameter->type->write($value);
            }
        }

        return $document;
    }
}
